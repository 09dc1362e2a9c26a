/** The built pages, and the API's own description. */
@NullMarked
package dettato.app.web;

import org.jspecify.annotations.NullMarked;
