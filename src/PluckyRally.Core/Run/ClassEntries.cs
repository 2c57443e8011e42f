using System.Text.Json.Serialization;

namespace PluckyRally.Core;

[JsonDerivedType(typeof(PlanCleared), "planCleared")]
[JsonDerivedType(typeof(CameLate), "cameLate")]
[JsonDerivedType(typeof(TestOrderSet), "testOrderSet")]
[JsonDerivedType(typeof(HoldBegun), "holdBegun")]
[JsonDerivedType(typeof(AttemptsCut), "attemptsCut")]
[JsonDerivedType(typeof(PlacesOpened), "placesOpened")]
[JsonDerivedType(typeof(WallSet), "wallSet")]
public abstract partial record Entry
{
    /// <summary>The teacher has looked at a team's plan and approved it; the team may fetch its material.</summary>
    public sealed record PlanCleared : Entry;

    /// <summary>A team had not let go when time was up. What that costs is said by the brief.</summary>
    public sealed record CameLate : Entry;

    /// <summary>The order in which teams are tested, such as the smallest looking first. The last word stands.</summary>
    public sealed record TestOrderSet : Entry
    {
        /// <summary>The teams' ids; teams that are not named come after those that are, in their own order.</summary>
        public required IReadOnlyList<string> Teams { get; init; }
    }

    /// <summary>Everybody has let go, and the hold is being counted from <see cref="Entry.At"/>, the server's time.</summary>
    public sealed record HoldBegun : Entry, IClockEntry;

    /// <summary>The class makes fewer attempts than the brief says. Each team's first ones count, the same for all.</summary>
    public sealed record AttemptsCut : Entry, IClockEntry
    {
        /// <summary>How many attempts each design has from now on.</summary>
        public required int Attempts { get; init; }
    }

    /// <summary>A phase that goes team by team is served at more places, or fewer, than the brief says.</summary>
    public sealed record PlacesOpened : Entry, IClockEntry
    {
        /// <summary>The phase's id.</summary>
        public required string Phase { get; init; }

        /// <summary>How many teams are served at once.</summary>
        public required int Places { get; init; }
    }

    /// <summary>The teacher chose what the wall shows.</summary>
    public sealed record WallSet : Entry, IClockEntry
    {
        /// <summary>The clock or the board.</summary>
        public required WallShows Shows { get; init; }

        /// <summary>For the board: how many places are revealed, from the last.</summary>
        public int Revealed { get; init; }
    }
}

/// <summary>What a wall can show.</summary>
public enum WallShows
{
    /// <summary>The clock of the lesson.</summary>
    Clock,

    /// <summary>The standings, as far as they are revealed.</summary>
    Board,
}
