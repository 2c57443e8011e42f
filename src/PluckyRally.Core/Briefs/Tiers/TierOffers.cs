using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

/// <summary>Something that usually differs for the grades of a tier, for the teacher to take or leave.</summary>
/// <param name="What">What would be so in the tier, and what it is now.</param>
/// <param name="Why">Why it usually is.</param>
/// <param name="Changes">What the tier has of its own once it is taken.</param>
public sealed record TierOffer(string What, string Why, IReadOnlyList<Override> Changes);

/// <summary>
/// What usually differs for a band of grades: how finely lengths are read and in which unit, how many attempts are
/// made, what is done with the numbers, how much material there is.
/// </summary>
public static class TierOffers
{
    /// <summary>
    /// The offers for a tier as it is now; none where nobody has said its grades, where it cannot be laid over the
    /// brief, and at a place at which the teacher has already decided.
    /// </summary>
    public static IReadOnlyList<TierOffer> Of(Brief brief, Tier tier)
    {
        var band = tier.GradesOr(GradeBand.Unsaid);
        if (band == GradeBand.Unsaid || Editions.Resolve(brief, tier.Id) is not { IsOk: true, Value.Brief: var now })
            return [];
        return
        [
            .. Attempts(now, band)
                .Concat(now.Measures.Where(m => !m.Off).SelectMany(m => OfMeasure(brief, now, m, band)))
                .Concat(Amounts(brief, now, band))
                .Concat(Summaries(now, band))
                .Where(offer => !offer.Changes.Any(c => tier.Overrides.Any(o => o.At == c.At))),
        ];
    }

    /// <summary>
    /// As many attempts as are usual, but no more than twice as many as there are: testing must still fit the lesson.
    /// </summary>
    private static IEnumerable<TierOffer> Attempts(Brief now, GradeBand band)
    {
        var attempts = Math.Min(GradeBands.Attempts(band), now.Trials.Attempts * 2);
        if (now.Trials.Attempts == 1 || attempts == now.Trials.Attempts)
            yield break;
        var measured = now.Method.Parts.OfType<Part.Measured>().ToList();
        yield return new(
            $"{English.Count(attempts, "attempt")} instead of {Numerals.Write(now.Trials.Attempts)}",
            attempts < now.Trials.Attempts
                ? "Younger students find it hard to wait while others test."
                : "Older students need more results before they trust a mean.",
            [
                Override.Of("/trials/attempts", attempts),
                .. measured
                    .Where(p => p.Combine is Combine.Mean or Combine.Median && attempts < 3)
                    .Select(p => Override.Of($"/method/parts/{p.Id}/combine", Combine.Best)),
                .. measured
                    .Where(p => p.Combine == Combine.BestMean && p.BestOf > attempts)
                    .Select(p => Override.Of($"/method/parts/{p.Id}/bestOf", attempts)),
            ]
        );
    }

    private static IEnumerable<TierOffer> OfMeasure(Brief brief, Brief now, Measure measure, GradeBand band)
    {
        if (
            MetricFor(measure.Unit) is { } metric
            && measure.LaidOut is null
            && band >= GradeBand.From6To8
            && UnitChange.Of(now, measure.Id, metric) is { } converted
        )
            yield return new(
                $"{measure.Name} in {metric} instead of {measure.Unit}",
                "At this age science is usually measured in metric units. Limits and points are converted.",
                [.. converted.Changes.Select(c => new Override(c.At, c.Value))]
            );
        if (measure is not { Kind: MeasureKind.Length, LaidOut: null })
            yield break;
        var step = Younger(brief, band)
            .SelectMany(b => b.Measures.Where(m => m.Id == measure.Id).Select(m => m.Step))
            .Append(GradeBands.LengthStep(band, measure.Unit))
            .Min();
        if (step != measure.Step)
            yield return new(
                $"{measure.Name} to the nearest {ReadingFormat.Value(step, measure with { Step = step })} instead of "
                    + ReadingFormat.Value(measure.Step, measure),
                step > measure.Step
                    ? "These grades do not read a ruler more finely yet."
                    : "These grades can read a ruler more finely.",
                [Override.Of($"/measures/{measure.Id}/step", step)]
            );
    }

    private static IEnumerable<TierOffer> Amounts(Brief brief, Brief now, GradeBand band)
    {
        foreach (
            var material in now.Materials.Where(m =>
                m is { Off: false, IsRig: false, Reusable: false, Unit: "", Amount: > 0 }
            )
        )
        {
            var amount = Math.Round(
                material.Amount!.Value * Share(band) / Share(brief.Grades),
                MidpointRounding.AwayFromZero
            );
            if (amount > 0 && amount != material.Amount)
                yield return new(
                    $"{Numerals.Write(amount)} instead of {Numerals.Write(material.Amount.Value)} of {material.Name}",
                    amount > material.Amount
                        ? "Younger students spoil more of it."
                        : "With less of it the same challenge is harder.",
                    [Override.Of($"/materials/{material.Id}/amount", amount)]
                );
        }
    }

    private static IEnumerable<TierOffer> Summaries(Brief now, GradeBand band)
    {
        var usual = GradeBands.Summaries(band);
        if (!usual.SequenceEqual(now.Summaries))
            yield return new(
                $"The class works out: {English.List([.. usual.Select(Briefs.Summaries.Name)])}",
                "That is what these grades do with numbers in math.",
                [Override.Of("/summaries", usual)]
            );
    }

    /// <summary>The brief as younger classes have it: whoever is older reads no more coarsely than they do.</summary>
    private static IEnumerable<Brief> Younger(Brief brief, GradeBand band) =>
        brief
            .Tiers.Select(t => Editions.Resolve(brief, t.Id))
            .SelectMany<Result<Edition>, Brief>(e => e.IsOk ? [e.Value.Brief] : [])
            .Prepend(brief)
            .Where(b => b.Grades != GradeBand.Unsaid && b.Grades < band);

    /// <summary>
    /// How much material a band gets, against grades 3 to 5: the younger, the more (common practice, no source).
    /// </summary>
    private static decimal Share(GradeBand band) =>
        band switch
        {
            GradeBand.KTo2 => 1.5m,
            GradeBand.Unsaid or GradeBand.From3To5 => 1,
            GradeBand.From6To8 => 0.8m,
            GradeBand.From9To12 => 0.6m,
        };

    /// <summary>The metric unit that is used for what a customary one measures; null for any other.</summary>
    private static string? MetricFor(string unit) =>
        unit switch
        {
            "in" => "cm",
            "ft" or "yd" => "m",
            "oz" => "g",
            "lb" => "kg",
            "fl oz" or "cup" => "mL",
            _ => null,
        };
}
