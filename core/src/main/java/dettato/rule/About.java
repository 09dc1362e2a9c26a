package dettato.rule;

/**
 * What a rule is called and says.
 *
 * @param id the stable id that records and exports use, such as final-j
 * @param name a few words for a list, such as "dge or ge at the end"
 * @param says one line for a teacher
 * @param saysToChild one line for a child
 * @param reason why English does so, in a line
 * @param special the spelling that marks the rule, in short, such as "dge"
 * @param plain the spelling on the other side, such as "ge"
 */
public record About(
    String id,
    String name,
    String says,
    String saysToChild,
    String reason,
    String special,
    String plain) {}
