using PluckyRally.Core.Briefs;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

/// <summary>Says who won an award, and with what.</summary>
internal static class AwardWords
{
    /// <summary>What an award is for, before anyone has it.</summary>
    public static string For(AwardPlan plan, IEnumerable<PartPlan> parts)
    {
        if (plan.Definition.GivenBy is { } by)
            return $"{plan.Definition.Name}: {Gives(by)}.";
        if (plan.Definition.FirstTo is { } first)
        {
            var task = parts
                .Select(p => p.Part)
                .OfType<Part.Tasks>()
                .Single(p => p.Id == first.Part)
                .Items.Single(i => i.Id == first.Task);
            return $"{plan.Definition.Name}: for the first team that does this: {SentenceCase.Sentence(task.Name)}.";
        }

        var what = plan.Value!.Plain is { } figure ? $"“{figure.Name}”" : plan.Value.Expression.Said;
        return $"{plan.Definition.Name}: for the {(plan.Definition.Better == Better.More ? "highest" : "lowest")} "
            + $"{what}{(plan.Definition.Everyone ? ", also where a team has no place" : "")}.";
    }

    public static string Say(Award award, IReadOnlyList<TeamResult> winners, string value) =>
        $"{award.Name}: {English.List([.. winners.Select(w => w.Team.Name)])} with {value}.";

    public static string SayFirst(Award award, TeamResult winner) => $"{award.Name}: {winner.Team.Name} did it first.";

    /// <summary>Who got it from people, and what was said of them.</summary>
    /// <param name="name">What the award is called.</param>
    /// <param name="winners">The teams.</param>
    /// <param name="votes">How many votes each of them has, and how many there are; null where none were
    /// counted.</param>
    /// <param name="why">What was said, as it was written.</param>
    public static string SayGiven(
        string name,
        IReadOnlyList<string> winners,
        (int Each, int All)? votes,
        IReadOnlyList<string> why
    ) =>
        $"{name}: {English.List(winners)}"
        + (
            votes is { } v
                ? $" with {v.Each} of {English.Count(v.All, "vote")}{(winners.Count > 1 ? " each" : "")}"
                : ""
        )
        + $".{string.Concat(why.Distinct().Select(w => $" “{w}”"))}";

    private static string Gives(GivenBy by) =>
        by switch
        {
            GivenBy.Teacher => "given by the teacher",
            GivenBy.Jury => "given by a jury",
            GivenBy.Vote => "given by the class; each team names another team",
        };

    public static string SayNobody(Award award) => $"{award.Name}: nobody yet.";
}
