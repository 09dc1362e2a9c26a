package dettato.app.terms;

import com.fasterxml.jackson.annotation.JacksonAnnotationsInside;
import com.fasterxml.jackson.databind.annotation.JsonDeserialize;
import com.fasterxml.jackson.databind.annotation.JsonSerialize;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * A text, or a list of texts, that explains something: it leaves in the words of the class named by
 * the request, and comes back in ours. Never for words or sentences that are dictated or written.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target({ElementType.FIELD, ElementType.METHOD})
@JacksonAnnotationsInside
@JsonSerialize(using = ProseWriter.class)
@JsonDeserialize(using = ProseReader.class)
public @interface Prose {}
