namespace PluckyRally.Core.Score;

public abstract partial record Entry
{
    /// <summary>An entry that belongs to one part of the method.</summary>
    public abstract record OfPart : Entry
    {
        /// <summary>The part's id.</summary>
        public required string Part { get; init; }

        /// <summary>The design; empty for all of the team's designs.</summary>
        public string Design { get; init; } = "";

        /// <summary>
        /// What it is an answer to as a whole, so that the last one stands: a task, a leg, or nothing but the part;
        /// null for what adds up.
        /// </summary>
        internal virtual string? Answers => null;

        internal sealed override bool IsTeachers => false;

        internal sealed override string? ShowsDesign => Design.Length > 0 ? Design : null;
    }
}
