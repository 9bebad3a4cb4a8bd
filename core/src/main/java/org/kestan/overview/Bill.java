package org.kestan.overview;

import java.util.List;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.parts.Part;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.way.Way;

/**
 * The bill for a job, in the shop's currency.
 *
 * @param work the work, a line for each way
 * @param parts the parts with a price of their own
 * @param otherParts parts at the shop's usual prices; 0 if the job lists parts with prices
 * @param tax what is added to it
 * @param deposit what was paid in advance
 */
public record Bill(List<Work> work, List<Part> parts, double otherParts, double tax, double deposit) {

    /**
     * The work of one way.
     *
     * @param hours hours of work
     * @param price hours at the rate of the job
     */
    public record Work(Way way, double hours, double price) {}

    /** Takes unmodifiable copies. */
    public Bill {
        work = List.copyOf(work);
        parts = List.copyOf(parts);
    }

    /** The bill for ways on a job. Parts listed in the job with a price replace the usual price of parts. */
    public static Bill of(Job job, ShopStandards shop, List<Way> ways) {
        List<Work> work = ways.stream()
                .map(way -> new Work(way, shop.hours(way.prices()), shop.cost(way.prices()) - shop.parts(way.prices())))
                .toList();
        List<Part> priced = job.section(Sections.PARTS).stream()
                .filter(part -> part.price().isPresent())
                .toList();
        double others = priced.isEmpty()
                ? ways.stream().mapToDouble(way -> shop.parts(way.prices())).sum()
                : 0;
        Bill untaxed = new Bill(work, priced, others, 0, job.get(Lines.DEPOSIT).orElse(0.0));
        return new Bill(
                work,
                priced,
                others,
                shop.letterhead().tax().on(untaxed.workPrice(), untaxed.partsPrice()),
                untaxed.deposit());
    }

    /** Returns the price of the work. */
    public double workPrice() {
        return work.stream().mapToDouble(Work::price).sum();
    }

    /** Returns the price of all parts. */
    public double partsPrice() {
        return otherParts
                + parts.stream().mapToDouble(part -> part.cost().orElse(0.0)).sum();
    }

    /** Returns work and parts, before tax. */
    public double net() {
        return workPrice() + partsPrice();
    }

    /** Returns the total, including tax. */
    public double total() {
        return net() + tax;
    }

    /** Returns what is still to be paid; negative if more was paid in advance. */
    public double left() {
        return total() - deposit;
    }
}
