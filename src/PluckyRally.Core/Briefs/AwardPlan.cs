using PluckyRally.Core.Figures;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Briefs;

/// <summary>An award made ready; without a value it goes to the first to manage a task, or people give it.</summary>
internal sealed record AwardPlan(Award Definition, FigureExpression? Value)
{
    /// <summary>Makes all awards ready, or adds what is wrong with them.</summary>
    public static IReadOnlyList<AwardPlan> MakeAll(Brief brief, FigureList figures, ProblemCollector found)
    {
        found.Count(brief.Method.Awards, 40, "/method/awards", "awards");
        found.Ids(brief.Method.Awards.Select(a => a.Id), "/method/awards", "award");
        var plans = new List<AwardPlan>();
        foreach (var award in brief.Method.Awards)
        {
            var at = $"/method/awards/{award.Id}";
            found.NotEmpty(award.Name, $"{at}/name", "The award has no name.", "Say what it is for.");
            found.Length(award.Name, Limits.Name, $"{at}/name", "The name");
            if (award.GivenBy is not null)
            {
                found.Unless(
                    award is { Value: "", FirstTo: null },
                    $"{at}/value",
                    "People give this award, so it looks at no figure.",
                    "Take the figure out, or let it be calculated."
                );
                plans.Add(new(award, null));
                continue;
            }

            if (award.FirstTo is { } first)
            {
                found.Unless(
                    brief
                        .Method.Parts.OfType<Part.Tasks>()
                        .Any(p => p.Id == first.Part && p.Items.Any(i => i.Id == first.Task)),
                    $"{at}/firstTo",
                    "There is no such task.",
                    "Name a part with tasks and one of its tasks."
                );
                plans.Add(new(award, null));
                continue;
            }

            var value = figures.Compile(award.Value, Availability.WithTotal, "awards come last");
            if (value.IsOk)
                plans.Add(new(award, value.Value));
            else
                found.AddAll($"{at}/value", value.Problems);
        }

        return plans;
    }
}
