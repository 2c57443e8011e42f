using System.Text.Json.Serialization;

namespace PluckyRally.Core;

[JsonDerivedType(typeof(LevelGiven), "levelGiven")]
public abstract partial record Entry
{
    /// <summary>A team was given a level; the last word of each voice stands.</summary>
    public sealed record LevelGiven : Entry, IPartEntry
    {
        /// <summary>The part's id.</summary>
        public required string Part { get; init; }

        /// <summary>The criterion's id.</summary>
        public required string Criterion { get; init; }

        /// <summary>The level, counted from 0.</summary>
        public required int Level { get; init; }

        /// <summary>The id of the team whose word it is; empty for the teacher's.</summary>
        public string From { get; init; } = "";
    }
}

internal static class RubricEntries
{
    public static void Check(Playbook playbook, IReadOnlyList<Team> teams, Entry.LevelGiven given, Findings found)
    {
        if (PartEntries.Find<Part.Rubric>(playbook, given.Part, found) is not { } part) return;
        var criterion = part.Criteria.FirstOrDefault(c => c.Id == given.Criterion);
        found.Unless(criterion is not null, "/criterion", "There is no such criterion.", $"Use one of these: {string.Join(", ", part.Criteria.Select(c => c.Id))}.");
        found.Unless(criterion is null || (given.Level >= 0 && given.Level < criterion.Levels.Count), "/level", "There is no such level.", $"Use 0 to {criterion?.Levels.Count - 1}.");
        found.Unless(part.Voice == RubricVoice.Teacher == (given.From.Length == 0), "/from", part.Voice == RubricVoice.Teacher ? "Here the teacher's word counts." : "Here a team's word counts.", part.Voice == RubricVoice.Teacher ? "Leave the team out." : "Say whose word it is.");
        found.Unless(given.From.Length == 0 || teams.Any(t => t.Id == given.From), "/from", "There is no such team in this rally.", "Choose one of the rally's teams.");
    }
}
