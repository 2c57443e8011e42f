namespace PluckyRally.Core.Debriefs;

/// <summary>What stands beside the dots of a notebook page.</summary>
internal static class NotebookWords
{
    public const string We = "our team",
        Others = "other teams";
}
