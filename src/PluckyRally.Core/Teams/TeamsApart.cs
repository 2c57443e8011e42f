using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Teams;

/// <summary>The short code and the pennant of a team that it shares with no other of the day.</summary>
/// <param name="Rally">Its rally.</param>
/// <param name="Team">The team's id.</param>
/// <param name="ShortCode">Its short code.</param>
/// <param name="Pennant">Its pennant, from 0.</param>
public sealed record TeamApart(RallyId Rally, TeamId Team, string ShortCode, int Pennant);

/// <summary>Tells the teams of all classes of a fair day apart.</summary>
public static class TeamsApart
{
    /// <summary>
    /// A short code and a pennant for each team. A code that is there and no other team before it has is kept; others
    /// are made of the name, or are numbers.
    /// </summary>
    /// <param name="rallies">The rallies in the order of the day, each with its teams.</param>
    public static IReadOnlyList<TeamApart> Of(IReadOnlyList<(RallyId Rally, IReadOnlyList<Team> Teams)> rallies)
    {
        var teams = rallies.SelectMany(r => r.Teams.Select(t => (r.Rally, Team: t))).ToList();
        var first = teams
            .Where(t => t.Team.ShortCode.Length > 0)
            .DistinctBy(t => t.Team.ShortCode, StringComparer.OrdinalIgnoreCase)
            .ToHashSet();
        var taken = first.Select(t => t.Team.ShortCode.ToUpperInvariant()).ToHashSet(StringComparer.Ordinal);
        return
        [
            .. teams.Select(
                (t, at) =>
                {
                    var code = first.Contains(t)
                        ? t.Team.ShortCode.ToUpperInvariant()
                        : Codes(t.Team.Name).First(taken.Add);
                    return new TeamApart(t.Rally, t.Team.Id, code, at % Limits.Teams);
                }
            ),
        ];
    }

    /// <summary>A team of a fair that is told apart by its number from all others of the day.</summary>
    /// <param name="at">Where it stands in its rally, from 0.</param>
    /// <param name="ofDay">Where it stands in the day, from 0.</param>
    /// <param name="students">Who is in it; nobody where they are not known.</param>
    public static Team Numbered(int at, int ofDay, IReadOnlyList<TeamStudent> students) =>
        new()
        {
            Id = new($"t{at + 1}"),
            Name = $"Team {ofDay + 1}",
            ShortCode = Numbers.ElementAtOrDefault(ofDay) ?? "",
            Pennant = ofDay % Limits.Teams,
            Members = students.Count,
            Students = students,
        };

    /// <summary>How many teams are called in short as one of another class is, by choice or by their name.</summary>
    internal static int Alike(IReadOnlyList<IReadOnlyList<Team>> rallies) =>
        rallies
            .SelectMany((teams, at) => InRally(teams).Select(code => (code, at)))
            .GroupBy(t => t.code)
            .Where(g => g.Select(t => t.at).Distinct().Count() > 1)
            .Sum(g => g.Count());

    /// <summary>
    /// The short codes of one rally's teams: those that were chosen, and for the others what is made of their names.
    /// </summary>
    internal static IEnumerable<string> InRally(IReadOnlyList<Team> teams)
    {
        var taken = teams.Select(t => t.ShortCode.ToUpperInvariant()).Where(c => c.Length > 0).ToHashSet();
        return
        [
            .. teams.Select(t =>
                t.ShortCode.Length > 0 ? t.ShortCode.ToUpperInvariant() : Codes(t.Name).First(taken.Add)
            ),
        ];
    }

    /// <summary>
    /// What a team may be called in two letters or digits: of its own letters, or its number; then any number, or any
    /// two letters.
    /// </summary>
    private static IEnumerable<string> Codes(string name)
    {
        var letters = name.ToUpperInvariant().Where(char.IsLetter).ToList();
        var number = new string([.. name.Reverse().TakeWhile(char.IsDigit).Reverse()]);
        if (number.Length is 1 or 2)
            yield return number.PadLeft(2, '0');
        else
            foreach (var second in letters.Skip(1))
                yield return $"{letters[0]}{second}";
        foreach (var code in Numbers)
            yield return code;
    }

    /// <summary>The numbers from 01 to 99, then two letters from AA to ZZ.</summary>
    private static IEnumerable<string> Numbers =>
        Enumerable
            .Range(1, 99)
            .Select(n => $"{n:00}")
            .Concat(from one in Alphabet from other in Alphabet select $"{one}{other}");

    private const string Alphabet = "ABCDEFGHIJKLMNOPQRSTUVWXYZ";
}
