namespace PluckyRally.Core.Files;

/// <summary>Gathers where two states of something small differ, each in a line that a teacher reads.</summary>
internal sealed class DifferenceCollector
{
    private readonly List<Difference> _found = [];

    /// <summary>What was found so far, in the order asked.</summary>
    public IReadOnlyList<Difference> Found => _found;

    /// <summary>Asks about one place; where both say the same there is nothing to show.</summary>
    public void At(string at, string where, string before, string after)
    {
        if (before != after)
            _found.Add(new(at, where, before, after));
    }
}
