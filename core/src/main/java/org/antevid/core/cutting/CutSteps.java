package org.antevid.core.cutting;

import java.util.ArrayList;
import java.util.List;
import org.antevid.core.assist.Rig;
import org.antevid.core.lay.Means;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.stump.BackCut;
import org.antevid.core.stump.CutCard;
import org.antevid.core.stump.FaceOrder;
import org.antevid.core.stump.School;

/** The order of the cuts with the checks and signals between them. Practice rule. */
final class CutSteps {
    private static final double FACE_CUTS_MEET_M = 0.005;

    private final CutPlan p;
    private final CutCard c;
    private final boolean line;
    private final boolean wedges;
    private final List<CutStep> all = new ArrayList<>();

    private CutSteps(CutPlan p) {
        this.p = p;
        this.c = p.card();
        this.line = p.lay().choice().means().isLine();
        this.wedges = p.lay().choice().means().kind() == Means.Kind.WEDGES;
    }

    static List<CutStep> of(CutPlan p) {
        CutSteps s = new CutSteps(p);
        s.before();
        s.face();
        s.opened();
        s.back();
        s.release();
        return List.copyOf(s.all);
    }

    private void before() {
        check("saw", StepWords.SAW);
        check("ways", StepWords.WAYS);
        check("ring", StepWords.RING);
        check("up1", StepWords.LOOK_UP);
    }

    private void face() {
        boolean below = p.lay().choice().school() == School.HUMBOLDT;
        boolean levelFirst = p.lay().choice().cuts().faceOrder() == FaceOrder.LEVEL_FIRST;
        Message angle = Message.of(StepMeasure.ANGLE).with("angle", Arg.of(Dimension.OPENING, c.faceDeg()));
        Message depth = down(StepMeasure.DEPTH, c.depthM());
        Message sloping = Message.of(levelFirst ? StepWords.SLOPING_CUT_SECOND : StepWords.SLOPING_CUT_FIRST)
                .with("below", Arg.flag(below));
        if (levelFirst) {
            cut("face1", Message.of(StepWords.LEVEL_CUT_FIRST), depth);
            cut("face2", sloping, angle);
        } else {
            cut("face1", sloping, angle, depth);
            cut("face2", Message.of(StepWords.LEVEL_CUT_SECOND), depth);
        }
    }

    private void opened() {
        check("meet", StepWords.FACE_MEETS, up(StepMeasure.AT_MOST, FACE_CUTS_MEET_M));
        check(
                "aim",
                StepWords.AIM,
                Message.of(StepMeasure.LAY)
                        .with("lay", Arg.azimuth(p.lay().choice().layDeg())));
        if (p.reread()) {
            check("reread", StepWords.READ_THE_FACE);
        }
        if (line) {
            p.pull().ifPresent(l -> signal("pretension", StepWords.PRETENSION, pull(l.pretensionN())));
        }
    }

    private void back() {
        Message step = c.backCutStepM() > 0
                ? up(StepMeasure.ABOVE_FLOOR, c.backCutStepM())
                : Message.of(c.backCutStepM() < 0 ? StepMeasure.BELOW_FLOOR : StepMeasure.LEVEL_WITH_FLOOR);
        int n = 1;
        for (Passes.Pass pass : p.passes().passes()) {
            cut("back" + n++, pass.says(), step, Message.of(StepMeasure.LEAVE_THE_HINGE));
        }
        switch (p.backCut()) {
            case BORE_STRAP -> {
                List<Message> measures = new ArrayList<>();
                c.boreLengthM().ifPresent(b -> measures.add(down(StepMeasure.LONG, b)));
                measures.add(up(StepMeasure.LEAVE_STRAP, c.strapM()));
                cut("tostrap", Message.of(StepWords.TO_THE_STRAP), measures.toArray(Message[]::new));
            }
            case BORE_RUN_OUT -> cut("runout", Message.of(StepWords.RUN_OUT), Message.of(StepMeasure.HINGE_FINISHED));
            case STRAIGHT ->
                cut("tohinge", Message.of(StepWords.TO_THE_HINGE), up(StepMeasure.LEAVE_HINGE, c.hingeThickM()));
        }
        if (wedges) {
            cut("wedge", Message.of(StepWords.SET_WEDGES));
        } else if (p.lay().choice().support().keepOpen()) {
            cut("wedge", Message.of(StepWords.KEEP_KERF_OPEN));
        }
        check(
                "hinge",
                StepWords.HINGE_MEASURED,
                up(StepMeasure.HINGE_LEFT, c.hingeLeftM()),
                up(StepMeasure.HINGE_RIGHT, c.hingeRightM()));
    }

    private void release() {
        if (p.backCut() == BackCut.BORE_STRAP) {
            check("up2", StepWords.CALL_LAST_CUT);
            cut(
                    "strap",
                    Message.of(StepWords.PART_THE_STRAP)
                            .with("side", Arg.term(p.passes().stand())),
                    up(StepMeasure.STRAP, c.strapM()));
        } else {
            check("up2", StepWords.CALL_LAST_CENTIMETRES);
        }
        if (line) {
            boolean parted = p.lay().choice().means().rig().when() == Rig.PullBegin.STRAP_RELEASED;
            signal("away", parted ? StepWords.AWAY_THEN_SIGNAL : StepWords.KERF_OPENS_SIGNAL);
            signal(
                    "pull",
                    StepWords.PULL,
                    p.pull()
                            .map(l -> pull(l.still().tensionN()))
                            .orElseGet(() -> Message.of(StepMeasure.PULL_NOT_KNOWN)));
        } else if (wedges) {
            cut(
                    "drive",
                    Message.of(StepWords.DRIVE_WEDGES),
                    p.wedges().stream()
                            .map(w -> up(StepMeasure.LIFT, w.liftDesignM()))
                            .toArray(Message[]::new));
        }
        check("go", StepWords.LEAVE);
    }

    private static Message up(StepMeasure what, double metres) {
        return Message.of(what).with("length", Arg.up(Dimension.SAWN, metres));
    }

    private static Message down(StepMeasure what, double metres) {
        return Message.of(what).with("length", Arg.down(Dimension.SAWN, metres));
    }

    private static Message pull(double newton) {
        return Message.of(StepMeasure.PULL).with("pull", Arg.up(Dimension.PULL, newton));
    }

    private void cut(String key, Message says, Message... measures) {
        all.add(new CutStep(key, CutStep.Kind.CUT, says, List.of(measures)));
    }

    private void check(String key, StepWords says, Message... measures) {
        all.add(new CutStep(key, CutStep.Kind.CHECK, Message.of(says), List.of(measures)));
    }

    private void signal(String key, StepWords says, Message... measures) {
        all.add(new CutStep(key, CutStep.Kind.SIGNAL, Message.of(says), List.of(measures)));
    }
}
