using PluckyRally.Core.Parts;

namespace PluckyRally.Core.Score;

/// <summary>What was asked of a part and answered, as a judge goes on from it.</summary>
/// <param name="Given">In order: the last answer to a thing stands.</param>
internal sealed record PartAnswers(IReadOnlyList<PartAnswer> Given)
{
    /// <summary>For an order: the items' ids as the team has them.</summary>
    public IReadOnlyList<string> Sequence { get; init; } = [];

    /// <summary>For pieces: what was counted.</summary>
    public IReadOnlyList<PieceGroup> Pieces { get; init; } = [];

    /// <summary>An answer that counts something.</summary>
    public static PartAnswer Count(string asked, int count) => new(asked, Whole(count));

    /// <summary>A whole number as it stands in an answer.</summary>
    public static string Whole(int number) => number.ToString(System.Globalization.CultureInfo.InvariantCulture);
}

/// <summary>One thing that was asked, and the answer.</summary>
/// <param name="Asked">What: a task, a leg, a fault.</param>
/// <param name="Answer">The answer as it is shown.</param>
internal sealed record PartAnswer(string Asked, string Answer);
