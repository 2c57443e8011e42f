namespace PluckyRally.Core.Run;

/// <summary>What a wall can show.</summary>
public enum WallShows
{
    /// <summary>The clock of the lesson.</summary>
    Clock,

    /// <summary>The standings, as far as they are revealed.</summary>
    Board,

    /// <summary>One of the teacher's questions for the talk.</summary>
    Question,

    /// <summary>A picture of the class's numbers.</summary>
    Plot,

    /// <summary>All that teams made, side by side.</summary>
    Gallery,

    /// <summary>The teams of several rallies as one list, as far as it is revealed.</summary>
    OverAll,
}
