namespace PluckyRally.Core;

/// <summary>A brief that has its place in the year before any team exists.</summary>
public sealed record BriefPlan
{
    /// <summary>The brief's id.</summary>
    public required Guid Brief { get; init; }

    /// <summary>The day, or a day of the week.</summary>
    public required DateOnly Date { get; init; }

    /// <summary>Whether it is that week, on whichever day.</summary>
    public bool WholeWeek { get; init; }

    /// <summary>For whom: a class; empty where that is open.</summary>
    public string For { get; init; } = "";

    /// <summary>Where another state of it differs from this one.</summary>
    public IReadOnlyList<Difference> DifferencesTo(BriefPlan after)
    {
        var found = new DifferenceCollector();
        found.At("/date", "When", When(this), When(after));
        found.At("/for", "For whom", For.Trim(), after.For.Trim());
        return found.Found;

        static string When(BriefPlan plan) =>
            plan.WholeWeek ? $"the week of {English.Day(plan.Date)}" : English.Day(plan.Date);
    }

    /// <summary>What is wrong with it.</summary>
    public IReadOnlyList<Problem> Problems()
    {
        var found = new ProblemCollector();
        found.Length(For, Limits.Name, "/for", "For whom");
        found.Unless(
            Date.Year is >= 2000 and <= 2100,
            "/date",
            "That is not in this century.",
            "Choose a day of this school year or the next."
        );
        return found.Problems;
    }
}
