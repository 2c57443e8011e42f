namespace PluckyRally.Core.Checks;

/// <summary>
/// What was compared with a limit, and the limit: facts only, from which both are said. The cases stand in the files
/// that say them.
/// </summary>
internal abstract partial record RuleFound
{
    private RuleFound() { }

    /// <summary>What was compared with the limit; empty where there is nothing yet.</summary>
    public abstract string SayValue();

    /// <summary>The limit.</summary>
    public abstract string SayLimit();
}
