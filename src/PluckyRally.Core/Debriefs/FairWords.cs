using PluckyRally.Core.Score;

namespace PluckyRally.Core.Debriefs;

/// <summary>Says whether a change can be named as the cause of what came of it.</summary>
internal static class FairWords
{
    /// <summary>What can be said of what a team changed in a round; empty where nobody asked what else was.</summary>
    public static string Of(IReadOnlyList<Entry.DesignNoted> changes) =>
        changes switch
        {
            [] => "",
            [{ Also: "" }] => "Only this was changed, so it may explain the difference.",
            _ when changes.Count > 1 || changes[0].Also is not null =>
                "More than one thing was changed, so none of them can be named as the cause.",
            _ => "",
        };
}
