/** The application: one package a feature, thin controllers, rows that are not the domain. */
@NullMarked
package dettato.app;

import org.jspecify.annotations.NullMarked;
