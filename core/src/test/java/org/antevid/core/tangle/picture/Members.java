package org.antevid.core.tangle.picture;

import java.util.List;
import java.util.Optional;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemReading;

/** Puts a stem of a tangle together for a test: what is not said of it was not seen. */
public final class Members {
    private final StemReading reading;
    private Optional<Pose> pose = Optional.empty();
    private Optional<Member.Plate> plate = Optional.empty();
    private Optional<LookAgain> lookAgain = Optional.empty();
    private Optional<DragLine> dragLine = Optional.empty();
    private Optional<TiedOff> tiedOff = Optional.empty();
    private Optional<PartOf> partOf = Optional.empty();

    private Members(StemReading reading) {
        this.reading = reading;
    }

    public static Members of(StemReading reading) {
        return new Members(reading);
    }

    public Members lies(double buttE, double buttN, double buttHeightM, double tipE, double tipN, double tipHeightM) {
        pose = Optional.of(new Pose(
                new Pose.End(new Spot(buttE, buttN), buttHeightM),
                new Pose.End(new Spot(tipE, tipN), tipHeightM),
                0.3));
        return this;
    }

    public Members plate(Member.Plate turnedUp) {
        plate = Optional.of(turnedUp);
        return this;
    }

    public Members lookAgain(LookAgain why) {
        lookAgain = Optional.of(why);
        return this;
    }

    public Members draggedBy(DragLine line) {
        dragLine = Optional.of(line);
        return this;
    }

    public Members tiedOff(TiedOff line) {
        tiedOff = Optional.of(line);
        return this;
    }

    public Members partOf(PartOf part) {
        partOf = Optional.of(part);
        return this;
    }

    public Member seen() {
        return new Member(
                reading,
                pose,
                plate,
                Optional.empty(),
                List.of(),
                Optional.empty(),
                false,
                lookAgain,
                dragLine,
                tiedOff,
                0,
                partOf);
    }
}
