/**
 * Bringing couverture into temper. Here: couvertures, their windows by practice, seeding by
 * enthalpy solved both ways, verdicts. {@code crystal} is the law of the crystals and its
 * calibration, {@code bowl} the heat balance of bowl, bath and stone, {@code flow} how it pours;
 * {@code method} plays whole curves and answers the small questions, {@code estimate} and {@code
 * trace} read what a probe has said, {@code advice} names the next move and follows the plan,
 * {@code rehearsal} plays bowls to practise on, {@code colour} is coloured cocoa butter and
 * coating.
 */
package palintone.core.temper;
