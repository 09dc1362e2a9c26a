package dettato.activity.listen;

import dettato.find.Spoken;

/** What words of one beat can have in common. */
enum Feature {
  FIRST("the first sound", "begins") {
    @Override
    String of(Spoken spoken) {
      return spoken.sounds().get(0);
    }
  },
  LAST("the last sound", "ends") {
    @Override
    String of(Spoken spoken) {
      return spoken.sounds().get(spoken.size() - 1);
    }
  },
  VOWEL("the vowel", "has a vowel") {
    @Override
    String of(Spoken spoken) {
      return spoken.sounds().get(spoken.vowels().indexOf(true));
    }
  };

  private final String says;
  private final String verb;

  Feature(String says, String verb) {
    this.says = says;
    this.verb = verb;
  }

  /** The sound that stands there, in IPA. */
  abstract String of(Spoken spoken);

  String says() {
    return says;
  }

  String verb() {
    return verb;
  }

  static Feature ofLevel(int level) {
    return values()[Math.min(level, values().length) - 1];
  }
}
