using PluckyRally.Core.Debriefs;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Tests.Results;

/// <summary>Awards that people give: by the teacher, a jury, or a vote of the class.</summary>
public sealed class AwardsByPeopleTests
{
    private readonly Happening _rally;

    public AwardsByPeopleTests()
    {
        var brief = Sample.Simple();
        _rally = new(
            brief with
            {
                Method = brief.Method with
                {
                    Awards =
                    [
                        new Award
                        {
                            Id = "calm",
                            Name = "Calmest",
                            GivenBy = GivenBy.Teacher,
                        },
                        new Award
                        {
                            Id = "bold",
                            Name = "Boldest",
                            GivenBy = GivenBy.Jury,
                        },
                        new Award
                        {
                            Id = "kind",
                            Name = "Kindest",
                            GivenBy = GivenBy.Vote,
                        },
                        Sample.Award("tall", "Tallest", "height"),
                    ],
                },
            },
            "Terns",
            "Whelks",
            "Gulls"
        );
    }

    [Fact]
    public void The_teacher_gives_one_to_a_team_or_to_several_with_a_line_why()
    {
        Says("calm").ShouldBe("Calmest: nobody yet.");
        _rally.Keep(
            new Entry.AwardGiven
            {
                Id = _rally.NextId(),
                Team = new("terns"),
                Award = "calm",
                Why = "nobody hurried",
            }
        );
        Says("calm").ShouldBe("Calmest: Terns. “nobody hurried”");
        var second = _rally.Keep(
            new Entry.AwardGiven
            {
                Id = _rally.NextId(),
                Team = new("gulls"),
                Award = "calm",
            }
        );
        Says("calm").ShouldBe("Calmest: Terns and Gulls. “nobody hurried”");
        _rally.Strike(second);
        Says("calm").ShouldBe("Calmest: Terns. “nobody hurried”");
    }

    [Fact]
    public void One_thought_of_on_the_spot_stands_beside_the_briefs()
    {
        _rally.Keep(
            new Entry.AwardGiven
            {
                Id = _rally.NextId(),
                Team = new("whelks"),
                Name = "Best name",
                Why = "it floats",
            }
        );
        _rally.Keep(
            new Entry.AwardGiven
            {
                Id = _rally.NextId(),
                Team = new("gulls"),
                Name = "best name ",
            }
        );
        _rally.Standings().Awards[^1].Says.ShouldBe("Best name: Whelks and Gulls. “it floats”");
        Problem(
                new Entry.AwardGiven
                {
                    Id = _rally.NextId(),
                    Team = new("whelks"),
                    Name = " ",
                }
            )
            .ShouldBe("The award has no name.");
    }

    [Fact]
    public void Each_of_a_jury_has_one_voice_the_last_and_ties_share()
    {
        Jury("gulls", "Aide", "the hinge");
        Jury("terns", "Guest");
        Says("bold").ShouldBe("Boldest: Gulls and Terns with 1 of 2 votes each. “the hinge”");
        Jury("gulls", "Guest", "the colours");
        Says("bold").ShouldBe("Boldest: Gulls with 2 of 2 votes. “the hinge” “the colours”");
        _rally
            .Standings()
            .Awards.Single(a => a.Award == "bold")
            .Votes.Select(v => (v.Of, v.For))
            .ShouldBe([("Aide", new("gulls")), ("Guest", new("gulls"))]);
    }

    [Fact]
    public void In_a_vote_every_team_names_another_one()
    {
        Vote("terns", "gulls", "they lent us tape");
        Vote("whelks", "gulls");
        Vote("gulls", "terns");
        Says("kind").ShouldBe("Kindest: Gulls with 2 of 3 votes. “they lent us tape”");
        VoteOfTeam
            .All(OpenedRally.Open(_rally.Rally).OrThrow(), 1, new("terns"))
            .ShouldBe([new("kind", "Kindest", new("gulls"), "they lent us tape")]);
        VoteOfTeam
            .All(OpenedRally.Open(_rally.Rally).OrThrow(), 1, default)
            .ShouldBe([new("kind", "Kindest", default, "")], "a device that has not said whose it is");
        Vote("whelks", "terns");
        Says("kind").ShouldBe("Kindest: Terns with 2 of 3 votes.");
        Problem(
                new Entry.AwardVoted
                {
                    Id = _rally.NextId(),
                    Team = new("terns"),
                    Award = "kind",
                    For = new("terns"),
                }
            )
            .ShouldBe("A team does not vote for itself.");
        Problem(
                new Entry.AwardVoted
                {
                    Id = _rally.NextId(),
                    Award = "kind",
                    For = new("terns"),
                }
            )
            .ShouldBe("Nobody says which team votes.");
        Problem(
                new Entry.AwardVoted
                {
                    Id = _rally.NextId(),
                    Team = new("terns"),
                    Award = "tall",
                    For = new("gulls"),
                }
            )
            .ShouldBe("This award is not given in this way.");
        Problem(
                new Entry.AwardVoted
                {
                    Id = _rally.NextId(),
                    Team = new("terns"),
                    Award = "nix",
                    For = new("gulls"),
                }
            )
            .ShouldBe("The brief has no such award.");
    }

    [Fact]
    public void A_team_that_is_away_has_no_voice_counted_for_it()
    {
        Vote("terns", "gulls");
        _rally.Keep(new Entry.TeamAway { Id = _rally.NextId(), Team = new("gulls") });
        OpenedRally
            .Open(_rally.Rally)
            .OrThrow()
            .Result(1)
            .Standings.Awards.Single(a => a.Award == "kind")
            .Says.ShouldBe("Kindest: nobody yet.");
    }

    [Fact]
    public void What_people_give_looks_at_no_figure_and_the_sheet_says_who_gives_it()
    {
        var brief = Sample.Simple();
        CompiledEdition
            .For(
                new Edition
                {
                    Brief = brief with
                    {
                        Method = brief.Method with
                        {
                            Awards =
                            [
                                new Award
                                {
                                    Id = "odd",
                                    Name = "Odd",
                                    GivenBy = GivenBy.Vote,
                                    Value = "height",
                                },
                            ],
                        },
                    },
                }
            )
            .Problems.ShouldHaveSingleItem()
            .At.ShouldBe("/method/awards/odd/value");
        StudentSheet
            .Of(_rally.Compiled.Brief, _rally.Compiled)
            .Awards.ShouldBe([
                "Calmest: given by the teacher.",
                "Boldest: given by a jury.",
                "Kindest: given by the class; each team names another team.",
                "Tallest: for the highest “Height”.",
            ]);
    }

    [Fact]
    public void A_teams_own_device_answers_looks_back_and_votes_and_does_nothing_else()
    {
        OfTeam(new Entry.LookedBack { Id = _rally.NextId(), Team = new("terns") }).ShouldBeNull();
        OfTeam(
                new Entry.AnswerGiven
                {
                    Id = _rally.NextId(),
                    Team = new("terns"),
                    Question = 1,
                    Text = "x",
                }
            )
            .ShouldBeNull();
        OfTeam(
                new Entry.AwardVoted
                {
                    Id = _rally.NextId(),
                    Team = new("terns"),
                    Award = "kind",
                    For = new("gulls"),
                }
            )
            .ShouldBeNull();
        foreach (
            var other in new Entry[]
            {
                new Entry.AnswerGiven
                {
                    Id = _rally.NextId(),
                    Question = 1,
                    Text = "x",
                },
                new Entry.AwardVoted
                {
                    Id = _rally.NextId(),
                    Award = "bold",
                    For = new("gulls"),
                },
                new Entry.TagSeen
                {
                    Id = _rally.NextId(),
                    Team = new("terns"),
                    Word = "x",
                },
                new Entry.StruckOut { Id = _rally.NextId(), Entry = new(Guid.NewGuid()) },
            }
        )
            OfTeam(other)!.What.ShouldBe("This is not a team's to record.");
    }

    private static Problem? OfTeam(Entry entry) => EntryRights.Of(CallerRole.Team, entry, [], others: false);

    private string Says(string award) => _rally.Standings().Awards.Single(a => a.Award == award).Says;

    private string Problem(Entry entry) => _rally.Offer(entry).Problems[0].What;

    private void Jury(string team, string voter, string why = "") =>
        _rally.Keep(
            new Entry.AwardVoted
            {
                Id = _rally.NextId(),
                Award = "bold",
                For = new(team),
                Voter = voter,
                Why = why,
            }
        );

    private void Vote(string of, string team, string why = "") =>
        _rally.Keep(
            new Entry.AwardVoted
            {
                Id = _rally.NextId(),
                Team = new(of),
                Award = "kind",
                For = new(team),
                Why = why,
            }
        );
}
