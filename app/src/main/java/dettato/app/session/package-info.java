/**
 * Sessions: blocks and their items planned, given, answered; the papers handed in. Core's {@link
 * dettato.block.Activities} knows what each kind of block is.
 */
@NullMarked
package dettato.app.session;

import org.jspecify.annotations.NullMarked;
