package canthook.wood;

import canthook.refusal.Range;

/**
 * Air at rest.
 *
 * @param temperature °C, −10…60
 * @param humidity relative humidity in percent, 0…95
 */
public record Air(double temperature, double humidity) {
    public static final Range TEMPERATURE = new Range("Temperature", -10, 60, "°C");
    public static final Range HUMIDITY = new Range("Relative humidity", 0, 95, "%");

    public Air {
        TEMPERATURE.check("temperature", temperature);
        HUMIDITY.check("humidity", humidity);
    }
}
