package canthook.server.keeping;

import java.text.Normalizer;
import java.util.Locale;

/** Ids that can be read in an address, made from names. */
public final class Ids {
    private Ids() {}

    /** @param otherwise when nothing readable is left of the name */
    public static String readable(String name, String otherwise) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFD)
                .replaceAll("\\p{M}+", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-+|-+$", "");
        String shortened = (plain.length() > 40 ? plain.substring(0, 40) : plain).replaceAll("-+$", "");
        return shortened.isEmpty() ? otherwise : shortened;
    }
}
