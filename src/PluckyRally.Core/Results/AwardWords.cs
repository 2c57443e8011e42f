namespace PluckyRally.Core;

/// <summary>Says who won an award, and with what.</summary>
internal static class AwardWords
{
    /// <summary>What an award is for, before anyone has it.</summary>
    public static string For(AwardPlan plan, IEnumerable<PartPlan> parts)
    {
        if (plan.Definition.FirstTo is { } first)
        {
            var task = parts.Select(p => p.Part).OfType<Part.Tasks>().Single(p => p.Id == first.Part).Items.Single(i => i.Id == first.Task);
            return $"{plan.Definition.Name}: for the first team that does this: {Within.Sentence(task.Name)}.";
        }

        var what = plan.Value!.Plain is { } figure ? $"“{figure.Name}”" : plan.Value.Expression.InWords;
        return $"{plan.Definition.Name}: for the {(plan.Definition.Better == Better.More ? "highest" : "lowest")} {what}{(plan.Definition.Everyone ? ", also where a team has no place" : "")}.";
    }

    public static string Say(Award award, IReadOnlyList<TeamResult> winners, string value) => $"{award.Name}: {English.List([.. winners.Select(w => w.Team.Name)])} with {value}.";

    public static string SayFirst(Award award, TeamResult winner) => $"{award.Name}: {winner.Team.Name} did it first.";

    public static string SayNobody(Award award) => $"{award.Name}: nobody yet.";
}
