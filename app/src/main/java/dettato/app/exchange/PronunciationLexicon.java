package dettato.app.exchange;

import dettato.app.problem.Problem;
import dettato.sound.Accent;
import dettato.word.IpaAligner;
import dettato.word.Segmentation;
import dettato.word.Word;
import java.io.ByteArrayInputStream;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import javax.xml.stream.XMLStreamWriter;

/**
 * Own words as a W3C Pronunciation Lexicon (PLS 1.0): spelling and IPA, and in attributes of our
 * own the cut, the clue and whether the word may be proposed, so that nothing is lost on the way
 * out and back. A lexicon made elsewhere has no cut; its IPA is paired with the letters.
 */
final class PronunciationLexicon {
  private static final String PLS = "http://www.w3.org/2005/01/pronunciation-lexicon";
  private static final String OURS = "urn:dettato:own-words";

  /**
   * A lexeme that cannot be taken.
   *
   * @param line in the file
   */
  record RejectedLexeme(int line, String reason) {}

  /** What a file holds. */
  record Read(List<Word> words, List<RejectedLexeme> rejected) {}

  private record Lexeme(
      int line, String spelling, String ipa, String cut, String clue, boolean choose) {}

  private PronunciationLexicon() {}

  static String write(List<Word> words, Accent accent) {
    StringWriter text = new StringWriter();
    try {
      XMLStreamWriter xml = XMLOutputFactory.newInstance().createXMLStreamWriter(text);
      xml.writeStartDocument("UTF-8", "1.0");
      xml.writeCharacters("\n");
      xml.writeStartElement("lexicon");
      xml.writeDefaultNamespace(PLS);
      xml.writeNamespace("own", OURS);
      xml.writeAttribute("version", "1.0");
      xml.writeAttribute("alphabet", "ipa");
      xml.writeAttribute("xml:lang", accent.id());
      for (Word word : words) {
        xml.writeCharacters("\n  ");
        xml.writeStartElement("lexeme");
        xml.writeAttribute("own", OURS, "cut", word.cut().format());
        xml.writeAttribute("own", OURS, "clue", word.clue());
        xml.writeAttribute("own", OURS, "choose", String.valueOf(word.use() == Word.Use.CHOOSE));
        element(xml, "grapheme", word.spelling());
        element(xml, "phoneme", word.cut().ipa(accent));
        xml.writeCharacters("\n  ");
        xml.writeEndElement();
      }
      xml.writeCharacters("\n");
      xml.writeEndElement();
      xml.writeEndDocument();
      xml.close();
    } catch (XMLStreamException e) {
      throw new IllegalStateException("a lexicon could not be written", e);
    }
    return text + "\n";
  }

  private static void element(XMLStreamWriter xml, String name, String text)
      throws XMLStreamException {
    xml.writeCharacters("\n    ");
    xml.writeStartElement(name);
    xml.writeCharacters(text);
    xml.writeEndElement();
  }

  /**
   * Reads a lexicon; lexemes that cannot be taken are named with their line.
   *
   * @throws Problem 400 when it is no XML, or no PLS
   */
  static Read read(byte[] file, Accent accent) {
    List<Word> words = new ArrayList<>();
    List<RejectedLexeme> rejected = new ArrayList<>();
    IpaAligner aligner = new IpaAligner(accent);
    for (Lexeme lexeme : lexemes(file)) {
      try {
        words.add(word(lexeme, aligner, accent));
      } catch (IllegalArgumentException e) {
        rejected.add(new RejectedLexeme(lexeme.line, String.valueOf(e.getMessage())));
      }
    }
    return new Read(words, rejected);
  }

  private static List<Lexeme> lexemes(byte[] file) {
    XMLInputFactory factory = XMLInputFactory.newInstance();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    List<Lexeme> found = new ArrayList<>();
    try {
      XMLStreamReader xml = factory.createXMLStreamReader(new ByteArrayInputStream(file));
      while (xml.hasNext()) {
        if (xml.next() == XMLStreamConstants.START_ELEMENT) {
          if (!PLS.equals(xml.getNamespaceURI())) {
            throw Problem.badRequest(
                "The file is no pronunciation lexicon: <"
                    + xml.getLocalName()
                    + "> is not in the namespace "
                    + PLS
                    + ".");
          }
          if (xml.getLocalName().equals("lexeme")) {
            found.add(lexeme(xml));
          }
        }
      }
    } catch (XMLStreamException e) {
      throw Problem.badRequest(
          "The file is no XML (line "
              + e.getLocation().getLineNumber()
              + "). Send a pronunciation lexicon, PLS 1.0.");
    }
    return found;
  }

  private static Lexeme lexeme(XMLStreamReader xml) throws XMLStreamException {
    int line = xml.getLocation().getLineNumber();
    String cut = attribute(xml, "cut");
    String clue = attribute(xml, "clue");
    boolean choose = attribute(xml, "choose").equals("true");
    String spelling = "";
    String ipa = "";
    while (xml.hasNext()) {
      int event = xml.next();
      if (event == XMLStreamConstants.END_ELEMENT && xml.getLocalName().equals("lexeme")) {
        break;
      }
      if (event == XMLStreamConstants.START_ELEMENT) {
        String name = xml.getLocalName();
        String text = xml.getElementText().strip();
        spelling = name.equals("grapheme") && spelling.isEmpty() ? text : spelling;
        ipa = name.equals("phoneme") && ipa.isEmpty() ? text : ipa;
      }
    }
    return new Lexeme(line, spelling, ipa, cut, clue, choose);
  }

  private static String attribute(XMLStreamReader xml, String name) {
    return Optional.ofNullable(xml.getAttributeValue(OURS, name)).orElse("");
  }

  private static Word word(Lexeme lexeme, IpaAligner aligner, Accent accent) {
    String spelling = lexeme.spelling.toLowerCase(Locale.ROOT);
    if (!spelling.matches("[a-z]{1,40}")) {
      throw new IllegalArgumentException(
          "'" + lexeme.spelling + "' is not a word of 1 to 40 letters a to z.");
    }
    if (lexeme.clue.length() > 200) {
      throw new IllegalArgumentException("the clue of '" + spelling + "' is over 200 letters.");
    }
    Segmentation cut =
        lexeme.cut.isEmpty()
            ? aligner
                .align(spelling, lexeme.ipa)
                .orElseThrow(
                    () ->
                        new IllegalArgumentException(
                            "'%s' cannot be paired with /%s/ in %s."
                                .formatted(spelling, lexeme.ipa, accent.name())))
            : Segmentation.parse(spelling, lexeme.cut);
    return Word.own(cut, lexeme.choose ? Word.Use.CHOOSE : Word.Use.KNOW, lexeme.clue);
  }
}
