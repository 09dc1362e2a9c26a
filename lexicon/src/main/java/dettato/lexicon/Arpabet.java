package dettato.lexicon;

import dettato.word.Aligner.Realisation;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * How each sound appears in the General American pronunciations (ARPABET with stress digits), and
 * what a doubtful appearance costs. Digits are kept on vowels, so that weak and strong differ.
 */
final class Arpabet {
  private static final String[] ROWS = {
    "p P",
    "b B",
    "t T",
    "d D",
    "k K",
    "ɡ G",
    "f F",
    "v V",
    "θ TH",
    "ð DH",
    "s S",
    "z Z",
    "ʃ SH",
    "ʒ ZH",
    "tʃ CH",
    "dʒ JH",
    "h HH",
    "m M",
    "n N",
    "ŋ NG",
    "l L",
    "r R",
    "w W|HH W",
    "j Y",
    "KIT IH*|IY0:0.6|AH0:0.3|EH0:0.9",
    "DRESS EH*|AE1:0.9|IH1:1.2",
    "TRAP AE*|EH*:0.9|AA*:1.6",
    "LOT AA*|AO*:0.4|AH1:1.4",
    "CLOTH AO*|AA*:0.5|AH1:1.6",
    "STRUT AH1|AH2|AH0:0.6|UH1:1.5",
    "FOOT UH*|UW1:1.5|AH0:0.9",
    "FLEECE IY1|IY2|IY0:0.3",
    "FACE EY*",
    "PRICE AY*",
    "CHOICE OY*",
    "GOOSE UW*|UH*:0.8",
    "CUTE Y UW*|Y UH*:0.5|Y AH0:0.8",
    "GOAT OW*|AO*:1.2|AH0:1.6",
    "MOUTH AW*",
    "PALM AA*|AO*:0.8|AE*:1.2",
    "BATH AE*:1.4|AA*:1.4",
    "THOUGHT AO*|AA*:0.4",
    "START AA* R",
    "NORTH AO* R|OW* R:0.3|AO* ER0:0.4",
    "NURSE ER1|ER2|ER0:0.5",
    "NEAR IH* R|IY* R",
    "SQUARE EH* R|AE* R:0.5",
    "CURE UH* R|UW* R:0.3",
    "j+CURE Y UH* R|Y ER0:0.6",
    "commA AH0|IH0:0.4|AE0:0.5|AA0:0.7|OW0:0.9|AO0:0.7|UH0:0.6|EH0:0.6",
    "lettER ER0|AH0 R:0.4|AO* R:0.7",
    "j+lettER Y ER0",
    "j+commA Y AH0",
    "happY IY0|IY2:0.4|IH0:0.6",
    "k+s K S",
    "ɡ+z G Z",
    "k+ʃ K SH",
    "k+w K W",
    "commA+l AH0 L",
    "commA+m AH0 M",
    "PRICE+lettER AY* ER0|AY* R|AY* AH0 R",
    "MOUTH+lettER AW* ER0|AW* R",
    "w+STRUT W AH*",
    "w+PALM W AA*",
    "t+s T S",
    "t+θ T TH",
    "n+j N Y",
    "w+START W AA* R",
  };

  private Arpabet() {}

  /** Realisations by sound id. */
  static Map<String, List<Realisation>> realisations() {
    Map<String, List<Realisation>> map = new HashMap<>();
    for (String row : ROWS) {
      String id = row.substring(0, row.indexOf(' '));
      List<Realisation> list = new ArrayList<>();
      for (String one : row.substring(id.length() + 1).split("\\|")) {
        String[] parts = one.split(":");
        double cost = parts.length > 1 ? Double.parseDouble(parts[1]) : 0;
        if (parts[0].contains("*")) {
          for (String digit : List.of("0", "1", "2")) {
            list.add(new Realisation(List.of(parts[0].replace("*", digit).split(" ")), cost));
          }
        } else {
          list.add(new Realisation(List.of(parts[0].split(" ")), cost));
        }
      }
      map.put(id, list);
    }
    return map;
  }
}
