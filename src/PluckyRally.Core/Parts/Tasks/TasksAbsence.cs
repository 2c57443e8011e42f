namespace PluckyRally.Core;

public abstract partial record Absence
{
    /// <summary>No task has been ticked.</summary>
    public sealed record NoTaskTicked : Open
    {
        /// <inheritdoc/>
        public override string Say() => "no task has been ticked yet";
    }

    /// <summary>The time that gives points has not been read.</summary>
    public sealed record TasksNotTimed : Open
    {
        /// <inheritdoc/>
        public override string Say() => "the time for the tasks has not been read yet";
    }
}
