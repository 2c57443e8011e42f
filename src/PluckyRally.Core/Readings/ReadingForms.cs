namespace PluckyRally.Core.Readings;

/// <summary>Examples of what a judge may type for a measure, for hints and refusals.</summary>
public static class ReadingForms
{
    /// <summary>Two to four writings that are accepted for this measure.</summary>
    public static IReadOnlyList<string> For(Measure measure) =>
        measure.Kind switch
        {
            MeasureKind.YesNo => ["yes", "no"],
            MeasureKind.Level => measure.Levels,
            MeasureKind.Mass when measure.Weights.Count > 0 =>
            [
                $"12 {measure.Weights[0].Name}",
                $"34 {measure.Unit}",
                .. measure.Weights.Any(w => w.Roll > 0) ? new[] { "2 rolls + 7" } : [],
                $"12 {measure.Weights[^1].Name}+ for at least",
            ],
            MeasureKind.Duration => ["95", "1:35.4", "95.4 s", "50+ for at least"],
            MeasureKind.Length when measure.LaidOut is not null => ["12", $"12 {measure.Unit}", "12+ for at least"],
            MeasureKind.Length when measure.Unit is "in" or "ft" or "yd" =>
            [
                "17 3/4",
                "17 3/4 in",
                "1' 5 3/4\"",
                "45 cm",
            ],
            MeasureKind.Length => ["184", "184 cm", "1.84 m", "50+ for at least"],
            MeasureKind.Count => ["12", measure.Roll > 0 ? "2 rolls + 7" : "50 + 7", "12+ for at least"],
            MeasureKind.Money => ["4.50", $"{measure.Unit}4.50"],
            MeasureKind.Percent => ["45", "45%"],
            MeasureKind.Number => ["12", "12.5", "12+ for at least"],
            MeasureKind.Area => ["72", $"72 {measure.Unit}", "rectangle 12 x 6 + triangle 4 x 3"],
            MeasureKind.Mass
            or MeasureKind.Force
            or MeasureKind.Volume
            or MeasureKind.Temperature
            or MeasureKind.Angle => ["12", $"12.5 {measure.Unit}", "12+ for at least"],
        };
}
