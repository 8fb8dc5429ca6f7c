package org.antevid.core.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.brief.Cue.Sign;
import org.antevid.core.brief.Cue.Words;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.lay.Means;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;

/** The signals of one step for one person, in the order they come. */
public final class Cues {
    private final PlanDocument.StepPart step;
    private final Optional<PlanDocument.LayPart> lay;
    private final Optional<String> radioChannel;

    private Cues(PlanDocument plan, PlanDocument.StepPart step) {
        this.step = step;
        radioChannel = plan.radioChannel();
        lay = step.kind() == Step.Kind.FELL
                ? step.stem().flatMap(plan::stem).flatMap(PlanDocument.StemPart::lay)
                : Optional.empty();
    }

    public static List<Cue> of(PlanDocument plan, PlanDocument.StepPart step, Role role) {
        return new Cues(plan, step).of(role);
    }

    /** @return who gives this role its sign to act; empty where nobody is named for that, or none is given */
    public static Optional<PlanDocument.PostPart> giver(PlanDocument plan, PlanDocument.StepPart step, Role role) {
        Cues c = new Cues(plan, step);
        return switch (role) {
            case CUTTER -> c.post(Role.LOOKOUT);
            case LOOKOUT -> c.post(Role.CUTTER);
            case WINCH, GROUND ->
                c.aloft()
                        ? c.post(Role.CLIMBER)
                        : c.pulls(role) ? c.post(c.lay.isPresent() ? Role.CUTTER : Role.LOOKOUT) : Optional.empty();
            case CLIMBER -> c.post(Role.GROUND);
            case BRAKE, SECOND_BRAKE -> c.post(Role.CLIMBER);
            case OPERATOR, SLINGER -> c.post(Role.SIGNALLER);
            case RESCUER, SIGNALLER -> Optional.empty();
        };
    }

    /** @return whether something is pulled in the step, by this role or for it */
    public static boolean pulled(PlanDocument plan, PlanDocument.StepPart step) {
        Cues c = new Cues(plan, step);
        return c.puller().isPresent();
    }

    private List<Cue> of(Role role) {
        List<Cue> all = new ArrayList<>();
        switch (role) {
            case CUTTER -> {
                all.add(Cue.of(Sign.THREE_SHORT, said(Words.CUTTER_CALLS)));
                if (lay.isPresent() && puller().isPresent()) {
                    all.add(Cue.of(Sign.ARM_SWUNG, said(Words.CUTTER_PULL)));
                    all.add(Cue.of(Sign.ARMS_CROSSED, said(Words.CUTTER_STALL)));
                }
            }
            case LOOKOUT -> {
                if (post(Role.CUTTER).isPresent()) {
                    all.add(Cue.of(Sign.ARM_UP, said(Words.WATCH_ANSWER)));
                }
                if (lay.isEmpty() && puller().isPresent()) {
                    all.add(Cue.of(Sign.ARM_SWUNG, said(Words.WATCH_PULL)));
                }
                all.add(Cue.of(Sign.BOTH_ARMS_UP, said(Words.WATCH_STOP)));
                all.add(Cue.of(Sign.SAID, said(Words.WATCH_ALL_CLEAR)));
            }
            case CLIMBER -> {
                all.add(Cue.of(Sign.SAID, said(Words.CLIMBER_ASKS)));
                all.add(Cue.of(Sign.ARMS_CROSSED, said(Words.CLIMBER_NO)));
            }
            case BRAKE, SECOND_BRAKE -> {
                all.add(Cue.of(Sign.READY, said(Words.BRAKE_READY)));
                if (post(Role.SECOND_BRAKE).isPresent()) {
                    all.add(Cue.of(
                            Sign.SAID, said(role == Role.BRAKE ? Words.BRAKE_TAKES_OVER : Words.BRAKE_LETS_OVER)));
                }
                all.add(Cue.of(Sign.BOTH_ARMS_UP, said(Words.BRAKE_STOPS)));
            }
            case RESCUER -> {
                if (aloft()) {
                    all.add(Cue.of(Sign.READY, said(Words.RESCUER_STANDS)));
                }
            }
            case OPERATOR, SLINGER, SIGNALLER -> all.add(Cue.of(Sign.BOTH_ARMS_UP, said(Words.WATCH_STOP)));
            case WINCH, GROUND -> {
                if (pulls(role)) {
                    pull(all);
                } else if (aloft()) {
                    all.add(Cue.of(Sign.ARM_UP, said(Words.GROUND_ANSWERS)));
                    all.add(Cue.of(Sign.SAID, said(Words.GROUND_IN)));
                } else {
                    all.add(Cue.of(Sign.SAID, said(Words.STAY_SHUT)));
                }
            }
        }
        radioChannel.ifPresent(ch -> all.add(Cue.of(Sign.SAID, said(Words.RADIO).with("channel", Arg.name(ch)))));
        return List.copyOf(all);
    }

    private void pull(List<Cue> all) {
        help(HelpLine.LINE)
                .flatMap(m -> Optional.ofNullable(m.args().get("pretension")))
                .ifPresent(
                        n -> all.add(Cue.of(Sign.READY, said(Words.PRETENSION).with("pretension", n))));
        if (lay.isPresent()) {
            all.add(Cue.of(
                    Sign.ARM_SWUNG,
                    said(Words.PULL_ON_ARM)
                            .with("when", help(HelpLine.SIGNAL_PULL).map(m -> m.args()
                                    .get("when")))));
        } else {
            all.add(Cue.of(Sign.ARM_SWUNG, said(Words.PULL_ON_WATCH)));
        }
        boolean strap = lay.flatMap(PlanDocument.LayPart::cuts)
                .filter(CutPart::strapLeft)
                .isPresent();
        all.add(Cue.of(Sign.READY, said(Words.NEVER_BEFORE).with("strap", Arg.flag(strap))));
        all.add(Cue.of(Sign.ARMS_CROSSED, said(Words.HOLD_THE_LINE)));
    }

    private Optional<Message> help(HelpLine code) {
        return lay.flatMap(PlanDocument.LayPart::cuts).stream()
                .flatMap(c -> c.help().stream())
                .filter(m -> m.code() == code)
                .findFirst();
    }

    private boolean aloft() {
        return step.kind() == Step.Kind.ALOFT;
    }

    private boolean pulls(Role role) {
        return role == Role.WINCH
                || lay.filter(l -> l.means() == Means.Kind.HAND_LINE).isPresent();
    }

    private Optional<PlanDocument.PostPart> puller() {
        return step.posts().stream()
                .filter(p -> (p.role() == Role.WINCH || p.role() == Role.GROUND) && pulls(p.role()))
                .findFirst();
    }

    private Optional<PlanDocument.PostPart> post(Role role) {
        return step.posts().stream().filter(p -> p.role() == role).findFirst();
    }

    /** Everybody by name, where somebody is named; the lay by its azimuth. */
    private Message said(Words words) {
        return Message.of(words)
                .with("cutter", post(Role.CUTTER).map(p -> Arg.name(p.person())))
                .with("lookout", post(Role.LOOKOUT).map(p -> Arg.name(p.person())))
                .with("puller", puller().map(p -> Arg.name(p.person())))
                .with("climber", post(Role.CLIMBER).map(p -> Arg.name(p.person())))
                .with("ground", post(Role.GROUND).map(p -> Arg.name(p.person())))
                .with("brake", post(Role.BRAKE).map(p -> Arg.name(p.person())))
                .with("second", post(Role.SECOND_BRAKE).map(p -> Arg.name(p.person())))
                .with("lay", lay.map(l -> ReadBack.heading(l.layDeg())));
    }
}
