namespace PluckyRally.Core;

/// <summary>What stands beside the dots of a notebook page.</summary>
internal static class NotebookWords
{
    public const string We = "we",
        Others = "the others";
}
