package org.antevid.sums;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.antevid.core.quantity.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every golden case of a sum that exists, compared on the keys that the case expects. */
class GoldenSumsTest {
    record Golden(
            String file, String sum, String name, Map<String, Object> input, Map<String, Object> expect, double tol) {
        @Override
        public String toString() {
            return sum + ": " + name;
        }
    }

    /** An oracle of the tests and no sum: {@link CrewSumsTest} has its cases. */
    private static final String ORACLE = "crew_exact";

    private static final List<String> FILES = List.of("felling", "tangle", "rigging", "crew");

    static Stream<Golden> cases() throws Exception {
        return all().stream();
    }

    private static List<Golden> all() throws Exception {
        return every().stream().filter(g -> Sums.named(g.sum).isPresent()).toList();
    }

    private static List<Golden> every() throws Exception {
        List<Golden> cases = new ArrayList<>();
        for (String file : FILES) {
            try (InputStream in = GoldenSumsTest.class.getResourceAsStream("/golden/" + file + ".json")) {
                for (Map<String, Object> c :
                        new ObjectMapper().readValue(in, new TypeReference<List<Map<String, Object>>>() {})) {
                    cases.add(new Golden(
                            file,
                            (String) c.get("sum"),
                            (String) c.get("case"),
                            asMap(c.get("input")),
                            asMap(c.get("expect")),
                            ((Number) c.get("tol")).doubleValue()));
                }
            }
        }
        return cases;
    }

    @Test
    void everyCaseHasItsSum() throws Exception {
        assertThat(every().stream()
                        .map(Golden::sum)
                        .filter(sum -> Sums.named(sum).isEmpty() && !sum.equals(ORACLE)))
                .isEmpty();
    }

    @ParameterizedTest
    @MethodSource("cases")
    void answersTheGoldenCase(Golden golden) {
        Map<String, Object> actual;
        try {
            actual = Sums.named(golden.sum).orElseThrow().compute(golden.input);
        } catch (RefusedInput refused) {
            actual = Map.of(
                    "ok",
                    false,
                    "warnings",
                    List.of(),
                    "errors",
                    refused.faults().stream()
                            .map(f -> Map.of("code", f.code(), "field", f.field()))
                            .toList());
        }
        Map<String, Object> answer = actual;
        golden.expect.forEach((key, expected) -> same(
                key,
                reach(answer, key),
                expected,
                key.equals("mc_hits") ? 2.0 / ((Number) expected).doubleValue() : golden.tol));
    }

    @Test
    void coversEverySumThatExists() throws Exception {
        assertThat(cases().map(Golden::sum).distinct())
                .containsExactlyInAnyOrderElementsOf(
                        Sums.all().stream().map(Sum::name).toList());
    }

    private static void same(String key, Object actual, Object expected, double tol) {
        if (expected instanceof Number e) {
            double value = e.doubleValue();
            assertThat(actual).as(key).isInstanceOf(Number.class);
            assertThat(((Number) actual).doubleValue())
                    .as(key)
                    .isCloseTo(value, within(Math.max(1e-9, tol * Math.max(1, Math.abs(value)))));
        } else if (key.equals("rows")
                && expected instanceof List<?> l
                && l.get(0) instanceof Map<?, ?> m
                && m.containsKey("az")) {
            // of the sweep every thirtieth row is kept
            for (Object row : (List<?>) expected) {
                int az = ((Number) ((Map<?, ?>) row).get("az")).intValue();
                same("rows[" + az + "]", ((List<?>) actual).get(az), row, tol);
            }
        } else if (expected instanceof List<?> list) {
            assertThat((List<?>) actual).as(key).hasSameSizeAs(list);
            for (int i = 0; i < list.size(); i++) {
                same(key + "." + i, ((List<?>) actual).get(i), list.get(i), tol);
            }
        } else if (expected instanceof Map<?, ?> map) {
            assertThat(((Map<?, ?>) actual)).as(key).isNotNull();
            map.forEach((k, v) -> same(key + "." + k, ((Map<?, ?>) actual).get(k), v, tol));
        } else {
            assertThat(actual).as(key).isEqualTo(expected);
        }
    }

    private static Object reach(Map<String, Object> answer, String dotted) {
        if (answer.containsKey(dotted)) {
            return answer.get(dotted);
        }
        Object at = answer;
        for (String part : dotted.split("\\.", -1)) {
            at = at instanceof List<?> list ? list.get(Integer.parseInt(part)) : ((Map<?, ?>) at).get(part);
        }
        return at;
    }

    @SuppressWarnings("unchecked")
    private static Map<String, Object> asMap(Object raw) {
        return (Map<String, Object>) raw;
    }
}
