namespace PluckyRally.Core.Readings;

public abstract partial record Absence
{
    /// <summary>No task has been ticked.</summary>
    public sealed record NoTaskTicked : Open
    {
        /// <inheritdoc/>
        public override string Say() => "no task has been checked off yet";
    }

    /// <summary>The time that gives points has not been read.</summary>
    public sealed record TasksNotTimed : Open
    {
        /// <inheritdoc/>
        public override string Say() => "the time for the tasks has not been entered yet";
    }

    /// <summary>A team has not done as many tasks as a race is to.</summary>
    public sealed record RaceNotFinished : Absence
    {
        /// <inheritdoc/>
        public override string Say() => "the race was not finished";
    }
}
