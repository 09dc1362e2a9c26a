package dettato.lexicon;

import java.util.Map;

/** The American spelling of a British form, so that colour takes its sounds from color. */
final class American {
  private static final Map<String, String> WHOLE =
      Map.ofEntries(
          Map.entry("grey", "gray"),
          Map.entry("pyjamas", "pajamas"),
          Map.entry("tyre", "tire"),
          Map.entry("tyres", "tires"),
          Map.entry("plough", "plow"),
          Map.entry("kerb", "curb"),
          Map.entry("cosy", "cozy"),
          Map.entry("mum", "mom"),
          Map.entry("mummy", "mommy"),
          Map.entry("aeroplane", "airplane"),
          Map.entry("jewellery", "jewelry"),
          Map.entry("storey", "story"),
          Map.entry("cheque", "check"),
          Map.entry("grandad", "granddad"),
          Map.entry("programme", "program"),
          Map.entry("practise", "practice"),
          Map.entry("sceptical", "skeptical"),
          Map.entry("moustache", "mustache"),
          Map.entry("catalogue", "catalog"),
          Map.entry("doughnut", "donut"),
          Map.entry("axe", "ax"));

  private American() {}

  /** The American form when there is a usual one, else the spelling itself. */
  static String spelling(String british) {
    String whole = WHOLE.get(british);
    if (whole != null) {
      return whole;
    }
    return british
        .replaceAll(
            "(col|lab|hum|harb|fav|flav|neighb|hon|od|rum|vap|splend|parl|behavi|arm|sav|val|clam|endeav)our",
            "$1or")
        .replaceAll("(cent|theat|met|lit|fib|spect|calib|somb|meag|lust|manoeuv)re(s?)$", "$1er$2")
        .replaceAll("is(e|es|ed|ing)$", "iz$1")
        .replaceAll(
            "(trave|mode|marve|cance|labe|leve|jewe|fue|signa|equa|tota|meda|quarre|tunne)ll(ed|er|ing|ers)$",
            "$1l$2")
        .replaceAll("([aeo])lyse", "$1lyze")
        .replaceAll("(def|off|lic|pret)ence", "$1ense");
  }
}
