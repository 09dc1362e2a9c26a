/**
 * What a session is made of: activities of a kind, their items, how they are chosen, called and
 * judged. A kind is one folder beneath; no kind knows another, and nothing here knows one.
 */
@NullMarked
package dettato.activity;

import org.jspecify.annotations.NullMarked;
