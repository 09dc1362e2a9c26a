/** How every answer looks: errors, security, pages. */
@NullMarked
package dettato.app.web;

import org.jspecify.annotations.NullMarked;
