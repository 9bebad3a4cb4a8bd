package org.kestan.base.strings;

import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;

/**
 * The properties of a string that determine pitch and load.
 *
 * @param mass μ, mass per length, kg/m
 * @param stiffness EA, axial stiffness, N
 * @param bending EI, bending stiffness of what resists it, N·mm²
 * @param wound whether it is wound: its mass and stiffness are then approximate
 */
public record Wire(double mass, double stiffness, double bending, boolean wound) {

    private static final double GRAMS_PER_CM3 = 1000;
    private static final double GIGAPASCAL = 1e9;
    private static final double METRE = 1e-3;

    /**
     * The wire for a gauge. A plain string follows from its material's density; a wound one from a core of {@code base
     * + share × gauge} and one layer of round wrap with touching turns. Only the core of a wound string resists
     * stretching and bending: steel, or threads of the soft material entered.
     *
     * @param gauge diameter over all, mm, positive
     * @param wound whether it is wound
     * @param material what it is made of
     */
    public static Wire of(double gauge, boolean wound, Material material, ShopStandards shop) {
        double density = shop.get(density(material)) * GRAMS_PER_CM3;
        double modulus = shop.get(material.soft() ? Standard.SOFT_MODULUS : Standard.STEEL_MODULUS) * GIGAPASCAL;
        double diameter = gauge * METRE;
        if (!wound) {
            return new Wire(density * area(diameter), modulus * area(diameter), bending(modulus, diameter), false);
        }
        double core =
                Math.min(diameter, shop.get(Standard.CORE_BASE) * METRE + shop.get(Standard.CORE_SHARE) * diameter);
        double wrap = (diameter - core) / 2;
        // One turn takes a length of wrap of π(core + wrap) and covers one wrap diameter of the string.
        double turns = wrap > 0 ? Math.PI * (core + wrap) / wrap * area(wrap) : 0;
        double mass = density * area(core) + shop.get(Standard.WRAP_DENSITY) * GRAMS_PER_CM3 * turns;
        return new Wire(mass, modulus * area(core), bending(modulus, core), true);
    }

    private static Standard density(Material material) {
        return switch (material) {
            case STEEL, BRONZE, NICKEL -> Standard.STEEL_DENSITY;
            case NYLON -> Standard.NYLON_DENSITY;
            case FLUOROCARBON -> Standard.FLUOROCARBON_DENSITY;
            case GUT -> Standard.GUT_DENSITY;
        };
    }

    /** EI of a round core, {@code E·π·d⁴/64} (any mechanics textbook): d in m, in N·mm². */
    private static double bending(double modulus, double core) {
        return modulus * area(core) * core * core / (16 * METRE * METRE);
    }

    private static double area(double diameter) {
        return Math.PI * diameter * diameter / 4;
    }

    /**
     * Tension that sounds a frequency: {@code T = μ(2Lf)²} (Mersenne's law; Fletcher &amp; Rossing, <i>The Physics of
     * Musical Instruments</i>).
     *
     * @param scale L, mm
     * @param frequency f, Hz
     * @return N
     */
    public double tension(double scale, double frequency) {
        double speed = 2 * scale * METRE * frequency;
        return mass * speed * speed;
    }
}
