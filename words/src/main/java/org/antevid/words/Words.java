package org.antevid.words;

import com.ibm.icu.text.MessageFormat;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.antevid.core.judge.Clearance;
import org.antevid.core.judge.Finding;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.Gauge;
import org.antevid.core.stem.Diameter;

/** Says what the core has to say, to one reader. */
public final class Words {
    /** The height a girth is taped at; any message can name it. */
    static final String BREAST = "breast";

    /** What an argument that is not there is chosen by. */
    private static final String NONE = "none";

    /** An uncertainty is said without a nought behind the point. */
    private static final Pattern WHOLE = Pattern.compile("\\.0 ");

    /** Round all that comes from the catalogue in the language that nobody reads. */
    private static final char PSEUDO_FROM = '⟦';

    private static final char PSEUDO_TO = '⟧';

    /** A reader's words are asked for with every number that is said. */
    private static final Map<Reading, Words> KNOWN = new ConcurrentHashMap<>();

    private static final Map<Enum<?>, String> KEYS = new ConcurrentHashMap<>();

    private record Reading(Manner manner, Set<Regional> said) {
        private Reading {
            said = Set.copyOf(said);
        }
    }

    private final Manner manner;
    private final Catalogue catalogue;
    private final Catalogue english;
    private final Display display;

    private Words(Manner manner, Set<Regional> said) {
        this.manner = manner;
        this.catalogue = Catalogue.of(manner.language().read(), said);
        this.english = Catalogue.of(Language.ENGLISH, said);
        this.display = new Display(
                manner.units(), w -> bracketed(catalogue.pattern(key(w)).orElseThrow()));
    }

    public static Words of(Manner manner) {
        return of(manner, Set.of());
    }

    /** @param said words of its region that the house says */
    public static Words of(Manner manner, Set<Regional> said) {
        return KNOWN.computeIfAbsent(new Reading(manner, said), r -> new Words(r.manner, r.said));
    }

    /** @return what is exchanged in the words of this reader for what the house says */
    public static List<Regional.Exchange> exchanges(Language language, Set<Regional> said) {
        return Regional.exchanges(Catalogue.of(language.read()), said);
    }

    /** @return how quantities are shown to this reader */
    public Display display() {
        return display;
    }

    public Manner manner() {
        return manner;
    }

    public String say(Message m) {
        return say(keyOf(m.code()), m.args());
    }

    public List<String> say(Collection<Message> messages) {
        return messages.stream().map(this::say).toList();
    }

    /** @return the word for a value of ours */
    public String term(Enum<?> value) {
        return say(key(value), Map.of());
    }

    /** @return another form of the word: its task, its reason */
    public String term(Enum<?> value, String form) {
        return say(key(value) + "." + form, Map.of());
    }

    public List<String> terms(Collection<? extends Enum<?>> values) {
        return values.stream().map(this::term).toList();
    }

    public String show(Arg arg) {
        if (arg instanceof Arg.Amount a) {
            return display.of(a);
        } else if (arg instanceof Arg.Name n) {
            return n.text();
        } else if (arg instanceof Arg.Term t) {
            return term(t.value());
        } else if (arg instanceof Arg.Inner i) {
            return say(i.message());
        } else if (arg instanceof Arg.Several s) {
            return s.parts().stream().map(this::show).collect(Collectors.joining(joint(s.joint())));
        } else if (arg instanceof Arg.Count c) {
            return Long.toString(c.number());
        } else if (arg instanceof Arg.Figure f) {
            return Display.figure(f.value());
        } else if (arg instanceof Arg.Flag f) {
            return Boolean.toString(f.set());
        }
        throw new IllegalStateException("no such argument: " + arg);
    }

    private String joint(Arg.Joint joint) {
        return switch (joint) {
            case COMMA -> ", ";
            case SEMICOLON -> "; ";
            case OR -> manner.language() == Language.SPANISH ? " o " : " or ";
        };
    }

    /** @return another form of what a code says: its tell, what it is about */
    public String say(Message m, String form) {
        return say(keyOf(m.code()) + "." + form, m.args());
    }

    /** @return a measured quantity with its uncertainty, that up: "4.0 ±1 m/s" */
    public String plusMinus(Dimension dimension, Estimate of) {
        String value = display.of(dimension, of.value(), Side.NEAREST);
        int unit = value.indexOf(' ');
        if (unit < 0) return value;
        String sigma = WHOLE.matcher(display.of(dimension, of.sigma(), Side.UP)).replaceFirst(" ");
        return value.substring(0, unit) + " ±" + sigma;
    }

    /**
     * @param g both in the SI unit of the dimension
     * @return a need of what there is: "12.4 of 12.3 mm"
     */
    public String pair(Gauge g, Dimension dimension) {
        return display.pair(g, dimension);
    }

    public FindingWords finding(Finding f) {
        String rule = keyOf(f.rule());
        String says = keyOf(f.says());
        return new FindingWords(
                say(says, f.args()),
                say(either(says + ".why", rule + ".why"), f.args()),
                term(f.rule().source()),
                say(either(says + ".clears", rule + ".clears"), f.args()),
                f.cleared().map(this::clearance));
    }

    private String either(String own, String general) {
        return english.pattern(own).isPresent() ? own : general;
    }

    private String clearance(Clearance c) {
        Map<String, Arg> args = new HashMap<>(Map.of("by", Arg.name(c.by()), "at", Arg.name(clock(c.atMs()))));
        if (c instanceof Clearance.ByTelephone t) {
            args.put("phone", Arg.name(t.phone()));
            args.put("readBack", Arg.name(t.readBack()));
            t.calledAtMs().ifPresent(ms -> args.put("called", Arg.name(clock(ms))));
            return say("Clearance.BY_TELEPHONE", args);
        }
        return say(c instanceof Clearance.OnSite ? "Clearance.ON_SITE" : "Clearance.NOTE", args);
    }

    private static String clock(long ms) {
        return CLOCK.format(Instant.ofEpochMilli(ms).atZone(ZoneId.systemDefault()));
    }

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);

    private String say(String key, Map<String, Arg> args) {
        Catalogue from = catalogue.pattern(key).isPresent() ? catalogue : english;
        MessageFormat format =
                from.format(key).orElseThrow(() -> new IllegalStateException(key + " is not in the catalogue"));
        Map<String, Object> values = new HashMap<>();
        from.arguments(key).forEach(name -> values.put(name, name.equals(BREAST) ? breast() : value(name, args)));
        synchronized (format) {
            String text = format.format(values);
            return bracketed(text);
        }
    }

    private String bracketed(String text) {
        return manner.language() == Language.PSEUDO ? PSEUDO_FROM + text + PSEUDO_TO : text;
    }

    private String breast() {
        return display.of(Dimension.WRITTEN, Diameter.BREAST_M, Side.NEAREST);
    }

    /** An argument by its name, the name of its value by name_key, another form of its word by name_form. */
    private Object value(String name, Map<String, Arg> args) {
        Arg own = args.get(name);
        if (own instanceof Arg.Count c) {
            return c.number();
        }
        if (own != null) {
            return show(own);
        }
        int form = name.lastIndexOf('_');
        if (form > 0 && args.get(name.substring(0, form)) instanceof Arg.Term t) {
            String which = name.substring(form + 1);
            return which.equals("key") ? t.value().name() : say(key(t.value()) + "." + which, Map.of());
        }
        return NONE;
    }

    /** @return the key of a constant: the enum by its name within its package, then the constant */
    public static String key(Enum<?> value) {
        return KEYS.computeIfAbsent(value, v -> {
            Class<?> type = v.getDeclaringClass();
            return type.getName().substring(type.getPackageName().length() + 1).replace('$', '.') + "." + v.name();
        });
    }

    /** @return the key of a message, the same in every language */
    public static String keyOf(Code code) {
        if (code instanceof Enum<?> value) {
            return key(value);
        }
        throw new IllegalStateException(code + " is no constant");
    }
}
