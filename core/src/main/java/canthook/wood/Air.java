package canthook.wood;

import canthook.refusal.Refused;

/**
 * Air at rest.
 *
 * @param temperature °C, −10…60
 * @param humidity relative humidity in percent, 0…95
 */
public record Air(double temperature, double humidity) {
    public Air {
        Refused.unlessBetween("temperature", "Temperature", temperature, -10, 60, "°C");
        Refused.unlessBetween("humidity", "Relative humidity", humidity, 0, 95, "%");
    }
}
