using PluckyRally.Core.Ids;
using PluckyRally.Core.Teams;

namespace PluckyRally.Core.Tests.Day;

/// <summary>72 teams of a fair have 72 short codes and 72 pennants.</summary>
public sealed class TeamsApartTests
{
    private static (RallyId, IReadOnlyList<Team>) Class(params (string Name, string Code)[] teams) =>
        (
            new(Guid.CreateVersion7()),
            [
                .. teams.Select(
                    (t, i) =>
                        new Team
                        {
                            Id = new($"t{i + 1}"),
                            Name = t.Name,
                            ShortCode = t.Code,
                        }
                ),
            ]
        );

    private static IReadOnlyList<string> Codes(params (RallyId, IReadOnlyList<Team>)[] rallies) =>
        [.. TeamsApart.Of(rallies).Select(t => t.ShortCode)];

    [Fact]
    public void A_chosen_code_stays_with_whoever_had_it_first_and_others_get_one_of_their_name() =>
        Codes(Class(("Gulls", ""), ("Terns", "TE")), Class(("Gulls", "GU"), ("Terns", "te"), ("Team 7", "")))
            .ShouldBe(["GL", "TE", "GU", "TR", "07"], "“GU” and “TE” were chosen");

    [Fact]
    public void Six_classes_of_twelve_teams_with_the_same_names_are_all_told_apart()
    {
        string[] names =
        [
            "Gulls",
            "Terns",
            "Knots",
            "Dulse",
            "Whelks",
            "Plovers",
            "Rays",
            "Eiders",
            "Sprats",
            "Brills",
            "Limpets",
            "",
        ];
        var apart = TeamsApart.Of([.. Enumerable.Range(0, 6).Select(_ => Class([.. names.Select(n => (n, ""))]))]);
        apart.Count.ShouldBe(72);
        apart.Select(t => t.ShortCode).Distinct().Count().ShouldBe(72);
        apart.Select(t => t.Pennant).ShouldBe(Enumerable.Range(0, 72));
        apart.ShouldAllBe(t => t.ShortCode.Length == 2 && t.ShortCode.All(char.IsLetterOrDigit));
    }

    [Fact]
    public void Only_teams_of_two_classes_are_alike_whether_their_codes_were_chosen_or_made()
    {
        Alike(Class(("Gulls", "GU")), Class(("Rays", "gu"), ("Terns", ""))).ShouldBe(2);
        Alike(Class(("Gulls", ""), ("Terns", "")), Class(("Gulls", ""), ("Rays", ""))).ShouldBe(2);
        Alike(Class(("Gulls", "GU"), ("Gulpers", "")), Class(("Terns", ""))).ShouldBe(0, "they are of one class");

        static int Alike(params (RallyId, IReadOnlyList<Team> Teams)[] classes) =>
            TeamsApart.Alike([.. classes.Select(c => c.Teams)]);
    }
}
