using System.Text.Json;

namespace PluckyRally.Core;

/// <summary>Makes a tier for a band of grades from what is usual there.</summary>
public static class GradeTier
{
    /// <summary>
    /// A tier that differs from the brief in what follows from its grades: how finely lengths are read, how many
    /// attempts are made, what is done with the numbers, how much joining and stiffening there is. The teacher looks it
    /// over.
    /// </summary>
    public static Tier For(Brief brief, GradeBand band)
    {
        var overrides = new List<Override> { At("/grades", band) };
        var attempts = Attempts(brief, band);
        if (attempts != brief.Trials.Attempts)
            overrides.Add(At("/trials/attempts", attempts));
        var summaries = GradeBands.Summaries(band);
        if (!summaries.SequenceEqual(brief.Summaries))
            overrides.Add(At("/summaries", summaries));
        foreach (var measure in brief.Measures.Where(m => m is { Kind: MeasureKind.Length, LaidOut: null }))
        {
            var step = Younger(brief, band)
                .Select(b => b.Measures.First(m => m.Id == measure.Id).Step)
                .Append(GradeBands.LengthStep(band, measure.Unit))
                .Min();
            if (step != measure.Step)
                overrides.Add(At($"/measures/{measure.Id}/step", step));
        }

        foreach (
            var part in brief
                .Method.Parts.OfType<Part.Measured>()
                .Where(p => p.Combine is Combine.Mean or Combine.Median && attempts < 3)
        )
            overrides.Add(At($"/method/parts/{part.Id}/combine", Combine.Best));
        foreach (
            var part in brief
                .Method.Parts.OfType<Part.Measured>()
                .Where(p => p.Combine == Combine.BestMean && p.BestOf > attempts)
        )
            overrides.Add(At($"/method/parts/{part.Id}/bestOf", attempts));
        foreach (
            var material in brief.Materials.Where(m => m is { IsRig: false, Reusable: false, Unit: "", Amount: > 0 })
        )
        {
            var amount = Math.Round(
                material.Amount!.Value * Share(band) / Share(brief.Grades),
                MidpointRounding.AwayFromZero
            );
            if (amount > 0 && amount != material.Amount)
                overrides.Add(At($"/materials/{material.Id}/amount", amount));
        }

        return new()
        {
            Id = FreeId.Of(Json.Word(band), brief.Tiers.Select(t => t.Id)),
            Name = GradeBands.Name(band),
            Overrides = overrides,
        };
    }

    /// <summary>The brief as younger classes have it: whoever is older reads no more coarsely than they do.</summary>
    private static IEnumerable<Brief> Younger(Brief brief, GradeBand band) =>
        brief
            .Tiers.Select(t => Editions.Resolve(brief, t.Id))
            .SelectMany<Result<Edition>, Brief>(e => e.IsOk ? [e.Value.Brief] : [])
            .Prepend(brief)
            .Where(b => b.Grades != GradeBand.Unsaid && b.Grades < band);

    /// <summary>
    /// As many as are usual, but no more than twice the brief's own: testing must still fit the lesson.
    /// </summary>
    private static int Attempts(Brief brief, GradeBand band) =>
        brief.Trials.Attempts == 1 ? 1 : Math.Min(GradeBands.Attempts(band), brief.Trials.Attempts * 2);

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

    private static Override At<T>(string place, T value) =>
        new(place, JsonSerializer.SerializeToElement(value, Json.Options));
}
