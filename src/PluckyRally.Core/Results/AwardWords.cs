namespace PluckyRally.Core;

/// <summary>Says who won an award, and with what.</summary>
internal static class AwardWords
{
    public static string Say(Award award, IReadOnlyList<TeamResult> winners, string value) => $"{award.Name}: {English.List([.. winners.Select(w => w.Team.Name)])} with {value}.";

    public static string SayFirst(Award award, TeamResult winner) => $"{award.Name}: {winner.Team.Name} did it first.";

    public static string SayNobody(Award award) => $"{award.Name}: nobody yet.";
}
