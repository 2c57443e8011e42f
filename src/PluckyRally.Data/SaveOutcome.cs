namespace PluckyRally.Data;

/// <summary>What became of a save.</summary>
public enum SaveOutcome
{
    /// <summary>It is saved.</summary>
    Saved,

    /// <summary>There is no such thing.</summary>
    NotFound,

    /// <summary>
    /// It is not as it was when whoever saves began to change it: another window has saved. Nothing was overwritten.
    /// </summary>
    Conflict,
}
