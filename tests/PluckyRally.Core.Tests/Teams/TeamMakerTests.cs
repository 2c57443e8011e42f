using CsCheck;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Teams;

namespace PluckyRally.Core.Tests.Teams;

public sealed class TeamMakerTests
{
    /// <summary>27 in fours: six of 4 and one of 3; 9 in fours: 3, 3, 3. Common practice, no source.</summary>
    [Theory]
    [InlineData(27, 4, new[] { 4, 4, 4, 4, 4, 4, 3 })]
    [InlineData(9, 4, new[] { 3, 3, 3 })]
    [InlineData(5, 4, new[] { 3, 2 })]
    [InlineData(3, 2, new[] { 3 })]
    [InlineData(3, 1, new[] { 1, 1, 1 })]
    [InlineData(1, 4, new[] { 1 })]
    [InlineData(60, 5, new[] { 5, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5 })]
    [InlineData(0, 4, new int[0])]
    public void Sizes_are_as_equal_as_they_come_and_nobody_is_left_alone(int students, int size, int[] sizes) =>
        TeamSizes.Of(students, size).ShouldBe(sizes);

    [Theory]
    [InlineData(26, 8, new[] { 4, 4, 3, 3, 3, 3, 3, 3 })]
    [InlineData(3, 5, new[] { 1, 1, 1 })]
    [InlineData(7, 0, new[] { 7 })]
    public void So_many_teams_are_as_equal_as_they_come(int students, int teams, int[] sizes) =>
        TeamSizes.Into(students, teams).ShouldBe(sizes);

    [Fact]
    public void A_number_of_teams_counts_those_that_stay()
    {
        Make(26, new() { Teams = 8 }).Teams.Count.ShouldBe(8);
        Make(
            26,
            new()
            {
                Teams = 8,
                Locked =
                [
                    [new("p1"), new("p2")],
                ],
            }
        )
            .Teams.Count.ShouldBe(8);
    }

    [Fact]
    public void Everybody_is_in_one_team_and_the_same_seed_makes_the_same_teams() =>
        Gen.Select(Gen.Int[1, 40], Gen.Int[1, 6], Gen.Int)
            .Sample(
                (count, size, seed) =>
                {
                    var made = Make(count, new() { Size = size, Seed = seed });
                    made.Teams.SelectMany(t => t).ShouldBe(Students(count).Select(p => p.Id), ignoreOrder: true);
                    made.Teams.Select(t => t.Count).ShouldBe(TeamSizes.Of(count, size));
                    Make(count, new() { Size = size, Seed = seed })
                        .Teams.Select(t => string.Join(",", t))
                        .ShouldBe(made.Teams.Select(t => string.Join(",", t)));
                },
                iter: Thorough.Times(40)
            );

    [Fact]
    public void Preferences_are_kept()
    {
        var made = Make(
            12,
            new()
            {
                Together =
                [
                    [new("p1"), new("p2")],
                ],
                Apart =
                [
                    [new("p3"), new("p4")],
                ],
                Spread =
                [
                    [new("p6"), new("p7"), new("p8"), new("p9"), new("p10"), new("p11")],
                ],
            }
        );
        made.Unkept.ShouldBeEmpty();
        Team(made, "p1").ShouldContain(new StudentId("p2"));
        Team(made, "p3").ShouldNotContain(new StudentId("p4"));
        made.Teams.ShouldAllBe(t =>
            t.Count(p => new[] { "p6", "p7", "p8", "p9", "p10", "p11" }.Contains(p.Value)) == 2
        );
    }

    [Theory]
    [InlineData(
        "p1,p2",
        "p1,p2",
        "Student 1, Student 2 are not all together: Student 1 and Student 2 are to be kept apart too."
    )]
    [InlineData(
        "p1,p2,p3,p4,p5",
        "",
        "Student 1, Student 2, Student 3, Student 4, Student 5 are not all together: there are more of them than a "
            + "team holds."
    )]
    [InlineData("", "p1,p2,p3,p4", "are in one team: more are to be kept apart than there are teams.")]
    public void What_cannot_be_kept_is_said_with_why(string together, string apart, string says)
    {
        var made = Make(12, new() { Together = Groups(together), Apart = Groups(apart) });
        made.Unkept.ShouldContain(u => u.EndsWith(says, StringComparison.Ordinal));
    }

    [Fact]
    public void Locked_teams_stay_and_the_rest_is_made_anew()
    {
        var made = Make(
            11,
            new()
            {
                Locked =
                [
                    [new("p4"), new("p9"), new("p2")],
                ],
            }
        );
        made.Teams[0].ShouldBe([new("p4"), new("p9"), new("p2")]);
        made.Teams.Skip(1).Select(t => t.Count).ShouldBe([4, 4]);
    }

    /// <summary>Every way of cutting a small class into teams is tried; none may be better.</summary>
    [Fact]
    public void Nobody_meets_old_partners_more_often_than_must_be() =>
        Gen.Select(Gen.OneOfConst((6, 2), (8, 4), (9, 3), (7, 3), (8, 2)), Gen.Int[0, 4].Array[45], Gen.Int)
            .Sample(
                (shape, times, seed) =>
                {
                    var (count, size) = shape;
                    var earlier = new List<EarlierPair>();
                    for (int i = 1, k = 0; i <= count; i++)
                    for (var j = i + 1; j <= count; j++, k++)
                        if (times[k] > 0)
                            earlier.Add(new(new($"p{i}"), new($"p{j}"), times[k]));
                    var met = earlier.ToDictionary(p => (p.One, p.Other), p => p.Times);
                    int Cost(IEnumerable<IReadOnlyList<StudentId>> teams) =>
                        teams.Sum(t =>
                            t.SelectMany(
                                    (a, i) =>
                                        t.Skip(i + 1)
                                            .Select(b => met.GetValueOrDefault((a, b)) + met.GetValueOrDefault((b, a)))
                                )
                                .Sum()
                        );

                    var made = Make(
                        count,
                        new()
                        {
                            Size = size,
                            Earlier = earlier,
                            Seed = seed,
                        }
                    );
                    made.Repeats.ShouldBe(Cost(made.Teams));
                    made.Repeats.ShouldBe(
                        Cuts([.. Students(count).Select(p => p.Id)], [.. TeamSizes.Of(count, size)]).Min(Cost)
                    );
                },
                iter: Thorough.Times(60)
            );

    [Fact]
    public void Nobody_and_twice_the_same_are_refused()
    {
        TeamMaker.Make([], new()).Problems.ShouldHaveSingleItem().At.ShouldBe("/students");
        TeamMaker
            .Make([new(new("p1"), "A"), new(new("p1"), "B")], new())
            .Problems.ShouldHaveSingleItem()
            .What.ShouldContain("twice");
        TeamMaker.Make(Students(3), new() { Size = 0 }).Problems.ShouldHaveSingleItem().At.ShouldBe("/size");
    }

    [Fact]
    public void A_job_goes_to_whom_has_had_it_least()
    {
        var dealt = Jobs.Deal(
            [new("a"), new("b"), new("c"), new("d")],
            Jobs.Usual,
            [
                new(new("a"), "record", 2),
                new(new("b"), "record", 1),
                new(new("c"), "record", 1),
                new(new("d"), "materials", 3),
            ],
            seed: 1
        );
        dealt.First(j => j.Job == "record").Student.ShouldBe(new("d"));
        dealt.Select(j => j.Student).ShouldBeUnique();
        dealt.ShouldAllBe(j => j.Before == 0);
    }

    [Fact]
    public void Jobs_go_round_over_the_year()
    {
        var history = new List<JobHeld>();
        for (var lesson = 0; lesson < 8; lesson++)
            history.AddRange(
                Jobs.Deal([new("a"), new("b"), new("c"), new("d")], Jobs.Usual, history, lesson)
                    .Select(d => new JobHeld(d.Student, d.Job, 1))
            );
        history.GroupBy(h => (h.Student, h.Job)).ShouldAllBe(g => g.Sum(h => h.Times) == 2);
    }

    [Fact]
    public void Fewer_hands_than_jobs_share_them() =>
        Jobs.Deal([new("a"), new("b")], Jobs.Usual, [], seed: 5)
            .GroupBy(d => d.Student)
            .ShouldAllBe(g => g.Count() == 2);

    private static IReadOnlyList<IReadOnlyList<StudentId>> Groups(string ids) =>
        ids.Length == 0
            ? []
            :
            [
                [.. ids.Split(',').Select(StudentId.Of)],
            ];

    private static List<Student> Students(int count) =>
        [.. Enumerable.Range(1, count).Select(i => new Student(new($"p{i}"), $"Student {i}"))];

    private static TeamsMade Make(int count, TeamPreferences preferences) =>
        TeamMaker.Make(Students(count), preferences).OrThrow();

    private static IReadOnlyList<StudentId> Team(TeamsMade made, string student) =>
        made.Teams.Single(t => t.Contains(new(student)));

    private static IEnumerable<IReadOnlyList<IReadOnlyList<StudentId>>> Cuts(List<StudentId> left, List<int> sizes)
    {
        if (sizes.Count == 0)
        {
            yield return [];
            yield break;
        }

        // The first student left goes into a team of each size that is left, with every choice of partners.
        foreach (var size in sizes.Distinct())
        {
            var rest = sizes.ToList();
            rest.Remove(size);
            foreach (var partners in Choose(left.Skip(1).ToList(), size - 1))
            {
                var team = partners.Prepend(left[0]).ToList();
                foreach (var others in Cuts([.. left.Except(team)], rest))
                    yield return [team, .. others];
            }
        }
    }

    private static IEnumerable<List<StudentId>> Choose(List<StudentId> from, int count)
    {
        if (count == 0)
            yield return [];
        for (var i = 0; count > 0 && i <= from.Count - count; i++)
            foreach (var more in Choose(from.Skip(i + 1).ToList(), count - 1))
                yield return [from[i], .. more];
    }
}
