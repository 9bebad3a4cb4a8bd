package org.kestan.files.papers;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.kestan.base.standards.SalesTax;
import org.kestan.job.terms.Lines;
import org.kestan.overview.Bill;
import org.kestan.overview.JobAnalysis;
import org.kestan.text.Numbers;
import org.kestan.text.Wording;

/** The bill for a job, line by line, ready for an invoice. */
final class BillTable {

    private BillTable() {}

    static void add(OwnerPage page, Bill bill, JobAnalysis analysis) {
        List<List<String>> rows = new ArrayList<>();
        bill.work()
                .forEach(work -> row(
                        rows,
                        PaperText.text("owner-papers.work-h", Wording.label(work.way()), Numbers.plain(work.hours())),
                        price(work.price(), analysis)));
        bill.parts()
                .forEach(part -> row(
                        rows,
                        part.need() == 1
                                ? part.what()
                                : PaperText.text(
                                        "owner-papers.so-many-parts",
                                        part.need(),
                                        part.what(),
                                        price(part.price().orElse(0.0), analysis)),
                        price(part.cost().orElse(0.0), analysis)));
        if (bill.parts().isEmpty()) {
            row(rows, PaperText.text("owner-papers.parts"), price(bill.otherParts(), analysis));
        }
        SalesTax tax = analysis.shop().letterhead().tax();
        if (tax.percent() > 0) {
            row(rows, PaperText.text("owner-papers.before-tax"), price(bill.net(), analysis));
            String name = tax.name().isBlank() ? PaperText.text("owner-papers.tax-name") : tax.name();
            row(
                    rows,
                    PaperText.text(
                            tax.partsOnly() ? "owner-papers.tax-on-parts" : "owner-papers.tax",
                            name,
                            Numbers.plain(tax.percent())),
                    price(bill.tax(), analysis));
        }
        row(rows, PaperText.text("owner-papers.together"), price(bill.total(), analysis));
        if (bill.deposit() > 0) {
            row(rows, PaperText.text("owner-papers.deposit"), price(-bill.deposit(), analysis));
            row(rows, PaperText.text("owner-papers.left-to-pay"), price(bill.left(), analysis));
        }
        page.table(List.of("", ""), rows);
        if (!tax.number().isBlank()) {
            page.text(PaperText.text("owner-papers.tax-number", tax.number()));
        }
    }

    private static void row(List<List<String>> rows, String what, String amount) {
        rows.add(List.of(what, amount));
    }

    /** Returns an amount with its currency: the shop's, or the job's if the shop has none. */
    static String price(double amount, JobAnalysis analysis) {
        String shop = analysis.shop().currency();
        String currency = shop.isEmpty() ? analysis.job().text(Lines.CURRENCY) : shop;
        return String.format(Locale.ROOT, "%.2f", amount) + (currency.isEmpty() ? "" : " " + currency);
    }
}
