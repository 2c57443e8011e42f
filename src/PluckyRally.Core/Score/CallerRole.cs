namespace PluckyRally.Core.Score;

/// <summary>What somebody is in a rally: by role is said who may do what, and write which entry.</summary>
public enum CallerRole
{
    /// <summary>Nothing: a stranger.</summary>
    Nobody,

    /// <summary>Shows one rally on a wall.</summary>
    Wall,

    /// <summary>Speaks for a team in the talk of one rally.</summary>
    Team,

    /// <summary>
    /// Helps at a table of a fair day: records what is tested there, and has no part in the talk, the rounds or the
    /// codes.
    /// </summary>
    Helper,

    /// <summary>Records in one rally.</summary>
    Judge,

    /// <summary>Whose the rally is.</summary>
    Teacher,
}
