namespace PluckyRally.Core.Score;

/// <summary>What entries say of who wrote them, where that is nobody with a name. No judge may go by it.</summary>
public static class Writers
{
    /// <summary>The teacher.</summary>
    public const string Teacher = "Teacher";

    /// <summary>A team, on its own device; which one stands in the entry.</summary>
    public const string Team = "A team";
}
