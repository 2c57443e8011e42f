namespace PluckyRally.Core.Briefs;

/// <summary>Which of a team's designs is its result.</summary>
public enum DesignChoice
{
    /// <summary>The one with the best total.</summary>
    Best,

    /// <summary>The last one that was tried.</summary>
    Last,

    /// <summary>The one the team names.</summary>
    Named,
}

/// <summary>Whose the attempts are.</summary>
public enum AttemptsFor
{
    /// <summary>Each design has all of them.</summary>
    Design,

    /// <summary>A team has so many, with all its designs together.</summary>
    Team,
}

/// <summary>How a design is tested.</summary>
public sealed record Trials
{
    /// <summary>Attempts that each design or each team has, from 1.</summary>
    public int Attempts { get; init; } = 1;

    /// <summary>Whether each design has so many attempts, or the team with all its designs.</summary>
    public AttemptsFor AttemptsFor { get; init; }

    /// <summary>Attempts that must be made before there is a result; all of them where absent.</summary>
    public int? Minimum { get; init; }

    /// <summary>Which design is the team's result.</summary>
    public DesignChoice Designs { get; init; }

    /// <summary>
    /// Whether, after a failed attempt, the next one must be made with a fresh build (a new revision).
    /// </summary>
    public bool FreshBuildAfterFailure { get; init; }

    /// <summary>How many fresh builds a design may have; no limit where absent.</summary>
    public int? FreshBuilds { get; init; }

    /// <summary>
    /// Whether teams rebuild in a later round, so that they are given what a build needs again; otherwise they go on
    /// with what they have.
    /// </summary>
    public bool BuildsAnew { get; init; }

    /// <summary>How it is tested, in the students' words; said before anyone builds.</summary>
    public string How { get; init; } = "";

    /// <summary>Seconds for which a build must stand by itself after everybody lets go, 0 where it need not.</summary>
    public decimal HoldSeconds { get; init; }

    /// <summary>What happens to a build that falls or breaks, in the students' words.</summary>
    public string IfItFalls { get; init; } = "";

    /// <summary>When an attempt is over, for the judges.</summary>
    public string OverWhen { get; init; } = "";

    /// <summary>The attempts that must be made.</summary>
    internal int Needed => Math.Min(Minimum ?? Attempts, Attempts);
}
