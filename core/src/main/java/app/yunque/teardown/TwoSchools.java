package app.yunque.teardown;

import java.util.List;

/**
 * Where practitioners disagree: both ways, which one this shop starts from, and why. The maker's instructions decide where they speak.
 * Common practice, no source.
 *
 * @param question what the two disagree about
 * @param usual    the way to start from
 * @param why      why
 * @param other    the other way
 * @param when     when it is the better one, by those who use it
 */
public record TwoSchools(String question, String usual, String why, String other, String when) {
    private static final TwoSchools JOINT =
            new TwoSchools(
                    "Gasket or sealant",
                    "the gasket that came off, same thickness",
                    "its thickness sets play and gear depth, and it comes off again",
                    "sealant on the bare faces",
                    "where the faces met metal to metal, or no gasket is to be had: then the play is measured and set anew, and the bead stays thin, or it breaks off into the oil");
    private static final TwoSchools BEARING =
            new TwoSchools(
                    "Press or mallet",
                    "press, or heat the ring that is tight",
                    "the force stays straight and off the balls, and is felt",
                    "soft mallet and a tube on the ring that is tight",
                    "where the press does not reach, for light fits: small blows round the ring, never on the other one");
    private static final TwoSchools SEAL =
            new TwoSchools(
                    "Seal dry or in compound",
                    "dry into a clean bore, lip oiled",
                    "a rubber outside seals by itself, and compound can get under the lip",
                    "a thin film of compound outside",
                    "for a bare metal outside, or a scratched bore");
    private static final TwoSchools SCREW =
            new TwoSchools(
                    "Threadlocker or spring washer",
                    "what held it before, renewed",
                    "the maker reckoned the torque with it",
                    "threadlocker on clean dry thread",
                    "where a plain screw came loose before; not where the torque is given for oiled thread");

    /** What there is to disagree about at a part of this kind; empty for most. */
    static List<TwoSchools> of(PartKind kind) {
        return switch (kind) {
            case GASKET -> List.of(JOINT);
            case BEARING -> List.of(BEARING);
            case SEAL -> List.of(SEAL);
            case SCREW -> List.of(SCREW);
            default -> List.of();
        };
    }
}
