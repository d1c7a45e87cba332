package canthook.wood;

import canthook.wood.Wood.Kind;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** The woods the shop knows: the published species and three sheet goods. */
public final class Woods {
    private static final Woods PUBLISHED = readPublished();
    private final Map<String, Wood> byId;

    private Woods(Map<String, Wood> byId) {
        this.byId = byId;
    }

    /** 65 species of the Wood Handbook and plywood, hardboard and MDF. */
    public static Woods published() {
        return PUBLISHED;
    }

    public Optional<Wood> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    public Collection<Wood> all() {
        return byId.values();
    }

    private static Woods readPublished() {
        Map<String, Wood> woods = new LinkedHashMap<>();
        try (InputStream in = Woods.class.getResourceAsStream("/canthook/wood/species.csv")) {
            if (in == null) {
                throw new IllegalStateException("the table of species is missing from the application");
            }
            BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8));
            lines.lines()
                    .skip(1)
                    .filter(line -> !line.isBlank())
                    .map(Woods::species)
                    .forEach(w -> woods.put(w.id(), w));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        put(woods, new Wood("sheet-plywood", "Plywood", Kind.PLYWOOD, 0, 0, 30, 0.6, 0.15));
        put(woods, new Wood("sheet-hardboard", "Hardboard", Kind.FIBREBOARD, 0, 0, 30, 0.9, 0.35));
        put(woods, new Wood("sheet-mdf", "MDF", Kind.FIBREBOARD, 0, 0, 30, 0.75, 0.35));
        return new Woods(woods);
    }

    private static void put(Map<String, Wood> woods, Wood wood) {
        woods.put(wood.id(), wood);
    }

    private static Wood species(String line) {
        String[] cell = line.split(",", -1);
        return new Wood(
                cell[0],
                cell[1],
                Kind.valueOf(cell[3].toUpperCase(Locale.ROOT)),
                Double.parseDouble(cell[4]),
                Double.parseDouble(cell[5]),
                Double.parseDouble(cell[6]),
                Double.parseDouble(cell[7]),
                0);
    }
}
