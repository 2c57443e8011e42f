namespace PluckyRally.Data.Rallies;

/// <summary>
/// Which state of a rally it is: the one number that is spoken of by who writes, who is told, who has worked something
/// out of it and who is asked whether it is still so.
/// </summary>
/// <param name="Ground">Counts what was read from the data file since the server began. What stands in no log (names,
/// who may cross out what) is as it was then.</param>
/// <param name="Entries">How many entries the log has.</param>
public readonly record struct RallyVersion(long Ground, int Entries)
{
    /// <summary>Whether it is this state or a later one; what was read again is another.</summary>
    public bool IsAsNewAs(RallyVersion other) => Ground == other.Ground && Entries >= other.Entries;

    /// <summary>Whether it was read earlier, or has fewer entries where both rest on the same reading.</summary>
    public bool IsOlderThan(RallyVersion other) =>
        Ground == other.Ground ? Entries < other.Entries : Ground < other.Ground;

    /// <summary>In letters that a tag may have.</summary>
    public override string ToString() => $"{Ground}.{Entries}";
}
