using PluckyRally.Core.Results;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Parts;

internal sealed partial record TaskRaceOrder
{
    /// <summary>What a race gives, for the class.</summary>
    public static string Say(TaskRace race) =>
        race.Bonuses.Count == 1
            ? $"The first team to do {English.Count(race.Done, "task")} gets "
                + $"{MethodWords.Points(race.Bonuses[0])} more."
            : $"The first teams to do {English.Count(race.Done, "task")} get "
                + $"{English.List([.. race.Bonuses.Select(Numerals.Write)])} points more.";
}

internal abstract partial record Working
{
    /// <summary>Where the team came in in a race to so many tasks.</summary>
    /// <param name="Race">The race.</param>
    /// <param name="Done">How many tasks the team has done.</param>
    /// <param name="Order">Where it came in.</param>
    /// <param name="Points">What that gives.</param>
    public sealed record Raced(TaskRace Race, int Done, TaskRaceOrder Order, decimal Points) : Working
    {
        public override decimal Adds => Points;

        public override string Say()
        {
            if (Order.Place is not { } place)
                return $"{Done} of the {English.Count(Race.Done, "task")} that the race is to.";
            var clocks = Order.ClocksDiffer
                ? " By the clocks of the devices it was another place; the order in which the checks arrived decides."
                : "";
            return $"{English.Ordinal(place)} to do {English.Count(Race.Done, "task")}: "
                + $"{(Points == 0 ? "nothing" : MethodWords.Points(Points))} more.{clocks}";
        }
    }
}
