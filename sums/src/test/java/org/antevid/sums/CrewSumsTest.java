package org.antevid.sums;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A day's work: no plan that breaks a rule, none shorter than there is, none of a bound that is too high. */
class CrewSumsTest {
    private static final int DAYS = 60;
    private static final ObjectMapper JSON = new ObjectMapper();

    record Exact(String name, Map<String, Object> input, int makespan) {
        @Override
        public String toString() {
            return name;
        }
    }

    static Stream<Exact> exact() throws Exception {
        try (InputStream in = CrewSumsTest.class.getResourceAsStream("/golden/crew.json")) {
            return JSON.readValue(in, new TypeReference<List<Map<String, Object>>>() {}).stream()
                    .filter(c -> c.get("sum").equals("crew_exact"))
                    .map(c -> new Exact(
                            (String) c.get("case"),
                            map(c.get("input")),
                            ((Number) map(c.get("expect")).get("makespan")).intValue()));
        }
    }

    @SuppressWarnings("unchecked")
    private static Map<String, Object> map(Object raw) {
        return (Map<String, Object>) raw;
    }

    private static Map<String, Object> parsed(String json) throws Exception {
        return JSON.readValue(json.replace('\'', '"'), new TypeReference<Map<String, Object>>() {});
    }

    private static int oracle(Map<String, Object> input) {
        return CrewOracle.shortest(CrewInput.roster(Input.read(CrewInput.FIELDS, input)));
    }

    @ParameterizedTest
    @MethodSource("exact")
    void theOracleKnowsTheGoldenDaysAndThePlanReachesThem(Exact e) {
        assertThat(oracle(e.input)).isEqualTo(e.makespan);
        assertThat(CrewSums.SCHEDULE.compute(e.input).get("makespan")).isEqualTo(e.makespan);
    }

    @Test
    void everyPlanIsCleanAndLiesBetweenTheBoundAndWhatTheOracleFinds() {
        Random random = new Random(15);
        int planned = 0;
        int best = 0;
        for (int i = 0; i < DAYS; i++) {
            Map<String, Object> day = day(random);
            Map<String, Object> plan = CrewSums.SCHEDULE.compute(day);
            int shortest = oracle(day);
            if (plan.get("feasible").equals(false)) {
                continue;
            }
            planned++;
            Map<String, Object> asked = new HashMap<>(day);
            asked.put("schedule", plan.get("schedule"));
            assertThat(CrewSums.CHECK.compute(asked).get("rules"))
                    .as(day.toString())
                    .isEqualTo(List.of());
            int made = (Integer) plan.get("makespan");
            assertThat((Integer) plan.get("lb")).as(day.toString()).isLessThanOrEqualTo(shortest);
            assertThat(shortest).as(day.toString()).isLessThanOrEqualTo(made);
            assertThat(CrewSums.SCHEDULE.compute(day)).as("the same again").isEqualTo(plan);
            best += made == shortest ? 1 : 0;
        }
        assertThat(planned).isGreaterThan(DAYS / 3);
        assertThat(best).as("found the best").isGreaterThanOrEqualTo(planned - 2);
    }

    private static Map<String, Object> day(Random r) {
        List<String> comps = List.of("climb", "ground", "rescue");
        List<Map<String, Object>> tasks = new ArrayList<>();
        int n = 3 + r.nextInt(2);
        for (int i = 0; i < n; i++) {
            boolean up = r.nextInt(3) == 0;
            Map<String, Object> t = new HashMap<>();
            t.put("id", "t" + i);
            t.put("dur", 1 + r.nextInt(4));
            t.put("pred", i > 0 && r.nextInt(3) == 0 ? List.of(List.of("t" + r.nextInt(i), r.nextInt(2))) : List.of());
            t.put("roles", List.of(Map.of("comp", up ? "climb" : "ground", "aloft", up)));
            t.put(
                    "zones",
                    List.of(Map.of(
                            "zone",
                            "Z" + r.nextInt(2),
                            "mode",
                            List.of("WORK", "CLEAR", "CUT", "DROP").get(r.nextInt(4)))));
            t.put("equip", r.nextInt(3) == 0 ? Map.of("chipper", 1) : Map.of());
            t.put("interruptible", r.nextBoolean());
            t.put("saw", up);
            tasks.add(t);
        }
        List<Map<String, Object>> persons = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            Set<String> held = new HashSet<>(List.of("ground"));
            comps.stream().filter(c -> r.nextInt(3) > 0).forEach(held::add);
            persons.add(Map.of("id", "p" + i, "comps", List.copyOf(held), "from", r.nextInt(4) == 0 ? 2 : 0));
        }
        return Map.of("tasks", tasks, "persons", persons, "equipment", Map.of("chipper", 1));
    }

    private static List<String> codes(String json) {
        try {
            CrewSums.CHECK.compute(parsed(json));
            return List.of();
        } catch (RefusedInput e) {
            return e.faults().stream().map(Fault::code).distinct().sorted().toList();
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void whatCannotBeADayIsRefusedWithEveryFaultAtItsField() throws Exception {
        assertThat(codes("{'tasks':[{'id':'a','dur':0,'pred':['x',['a',-1]],'zones':[{'zone':'Z','mode':'FLY'}]},"
                        + "{'id':'a','dur':2.5}],'persons':[]}"))
                .containsExactly("DUPLICATE", "DURATION", "NEGATIVE_LAG", "UNKNOWN_MODE", "UNKNOWN_PRED");
        assertThat(codes("{'tasks':[{'id':'a','dur':1,'pred':['b']},{'id':'b','dur':1,'pred':['a']}],'persons':[]}"))
                .containsExactly("CYCLE");
        assertThat(codes("{'tasks':[{'id':'a','dur':1,'pred':['a']}],'persons':[]}"))
                .containsExactly("CYCLE");
        assertThat(codes("{'tasks':[{'id':'a','dur':1,'roles':[{'comp':'c','alooft':true}]}],'persons':[]}"))
                .containsExactly("UNKNOWN_FIELD");
        assertThat(codes("{'persons':[]}")).containsExactly("MISSING");
        assertThat(codes("{'tasks':[],'persons':[],'options':{'field_rules':true}}"))
                .containsExactly("MISSING");
        assertThat(codes("{'tasks':[],'persons':[],'options':{'field_rules':true,'date':'tomorrow'}}"))
                .containsExactly("BAD_SHAPE");
        assertThat(codes("{'tasks':[{'id':'a','dur':1,'kit':['h2']}],'persons':[]}"))
                .containsExactly("UNKNOWN_KIT");
        assertThat(codes("{'tasks':[{'id':'a','dur':1,'equip':{'chipper':-1}}],'persons':[]}"))
                .containsExactly("OUT_OF_RANGE");
        assertThat(codes("{'tasks':[],'persons':[]}")).isEmpty();
        assertThatThrownBy(() -> CrewSums.SCHEDULE.compute(parsed("{'tasks':[],'persons':[],'iters':6000}")))
                .isInstanceOf(RefusedInput.class);
        assertThat(CrewSums.SCHEDULE.compute(parsed("{'tasks':[],'persons':[]}")))
                .containsEntry("feasible", true)
                .containsEntry("makespan", 0)
                .containsEntry("gap", 0.0);
    }

    private static final String FIELD = "'options':{'field_rules':true,'date':'2031-05-17','light_until':60}";

    @SuppressWarnings("unchecked")
    private static List<String> rules(String json) throws Exception {
        return (List<String>) CrewSums.CHECK.compute(parsed(json)).get("rules");
    }

    /** One cutter, a lookout, a saw of 0.4 m; what is changed in the text breaks one rule. */
    private static String fell(String cut, String ann, String ben, String more) {
        return "{'tasks':[{'id':'fell','dur':30,'saw':true,'diameter_m':0.4,'kit':['saw1'],"
                + "'roles':[{'comp':'saw','cuts':true},{'comp':'lookout'}]" + cut + "}],"
                + "'persons':[{'id':'Ann','comps':['saw','first_aid'],'certs':[{'comp':'saw','valid_to':'2031-05-17',"
                + "'max_diameter_m':0.4" + ann + "}]},"
                + "{'id':'Ben','comps':['lookout','first_aid'],'certs':[{'comp':'lookout','valid_to':'2032-01-01'}]"
                + ben + "}],"
                + "'kit':[{'id':'saw1','due':'2031-05-17'" + more + "}],"
                + "'schedule':{'fell':{'start':0,'who':['Ann','Ben']}}," + FIELD + "}";
    }

    @Test
    void anOrdinaryFellingBreaksNoRuleOfTheField() throws Exception {
        assertThat(rules(fell("", "", "", ""))).isEmpty();
        assertThat(CrewSums.CHECK.compute(parsed(fell("", "", "", ""))).get("not_checked"))
                .isEqualTo(List.of());
    }

    @Test
    void eachRuleOfTheFieldStopsWhatItIsFor() throws Exception {
        String good = fell("", "", "", "");
        assertThat(rules(good.replace("'max_diameter_m':0.4", "'max_diameter_m':0.38")))
                .containsExactly("R22_DIAMETER_LIMIT");
        assertThat(rules(good.replace("'comp':'saw','valid_to':'2031-05-17'", "'comp':'saw','valid_to':'2031-05-16'")))
                .containsExactly("R20_COMPETENCE_EXPIRED");
        assertThat(rules(fell("", "", "", ",'withdrawn':true"))).containsExactly("R21_KIT_EXPIRED");
        assertThat(rules(good.replace("'due':'2031-05-17'", "'due':'2031-05-16'")))
                .containsExactly("R21_KIT_EXPIRED");
        assertThat(rules(fell("", ",'trainee':true", "", ""))).containsExactly("R23_TRAINEE_UNSUPERVISED");
        assertThat(rules(good.replace("'lookout','first_aid'", "'lookout'")))
                .containsExactly("R24_FIRST_AIDER_CUTTING");
        assertThat(rules(good.replace("'lookout','first_aid'", "'lookout'").replace("'saw','first_aid'", "'saw'")))
                .containsExactly("R24_FIRST_AIDER_CUTTING");
        assertThat(rules(good.replace("{'comp':'lookout'}", "{'comp':'lookout','cuts':true}")))
                .contains("R25_LOOKOUT_NOT_FREE");
        assertThat(rules(good.replace("'light_until':60", "'light_until':20"))).containsExactly("R30_AFTER_LIGHT");
        assertThat(rules(good.replace("'light_until':60", "'light_until':60,'min_on_site':3")))
                .containsExactly("R26_WORKING_ALONE");
    }

    @Test
    void aTraineeWorksWhereSomebodyOfHisOwnIsFreeToWatchHim() throws Exception {
        String watched = fell("", ",'trainee':true", "", "")
                .replace(
                        "'persons':[",
                        "'persons':[{'id':'Cem','comps':['supervise','saw'],'certs':["
                                + "{'comp':'saw','valid_to':'2032-01-01','max_diameter_m':1}]},");
        assertThat(rules(watched)).isEmpty();
        assertThat(rules(watched.replace("'id':'Cem',", "'id':'Cem','to':20,"))).contains("R23_TRAINEE_UNSUPERVISED");
    }

    @Test
    void whatIsNotKnownIsNamedAndNeverFine() throws Exception {
        String unknown = fell("", "", "", "")
                .replace("'valid_to':'2031-05-17',", "")
                .replace("'due':'2031-05-17'", "'due':null")
                .replace("'diameter_m':0.4,", "")
                .replace("'light_until':60", "'light_until':null");
        assertThat(CrewSums.CHECK.compute(parsed(unknown)).get("not_checked"))
                .isEqualTo(List.of("R20:Ann:saw", "R21:saw1", "R22:fell", "R30"));
    }

    /** Adding people or proofs never makes a day worse, taking a rescuer away never better. */
    @Test
    void oneMoreIdlePersonNeverBreaksARule() {
        Random random = new Random(7);
        for (int i = 0; i < DAYS; i++) {
            Map<String, Object> day = new HashMap<>(day(random));
            Map<String, Object> plan = new HashMap<>();
            List<?> tasks = (List<?>) day.get("tasks");
            IntStream.range(0, tasks.size())
                    .forEach(k -> plan.put("t" + k, Map.of("start", random.nextInt(8), "who", List.of("p" + k % 3))));
            day.put("schedule", plan);
            List<?> before = (List<?>) CrewSums.CHECK.compute(day).get("rules");
            List<Object> more = new ArrayList<>((List<?>) day.get("persons"));
            more.add(Map.of("id", "q", "comps", List.of("climb", "ground", "rescue")));
            day.put("persons", more);
            assertThat(before.containsAll((List<?>) CrewSums.CHECK.compute(day).get("rules")))
                    .isTrue();
        }
    }
}
