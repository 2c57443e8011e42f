namespace PluckyRally.Ui.Tests.Teams;

/// <summary>A class becomes teams with jobs, and a rally.</summary>
public sealed class TeamsTests(DemoServer server) : ScreenTest, IClassFixture<DemoServer>
{
    [Fact]
    [Trait("run", "short")]
    public void A_class_is_pasted_teams_are_made_changed_and_begun()
    {
        var desk = OpenWindow(server.Address);
        desk.Open("/");
        desk.ClickLink("Make teams: Pebbles by mass");
        desk.Type("Class or name of the rally", "Class 4, Monday");
        desk.Click(() => desk.One("radio", "From a class", exact: false));
        desk.ClickButton("New class");
        desk.Type("Name of the class", "Class 4");
        desk.Paste(
            "Students, one on each line, or a table with given and family names",
            "given name;family name\nWren;Ashby\nTorin;Bale\nMika;Cole\nSena;Dunn\nIdris;Eames\n"
                + "Lowri;Finn\nOtto;Gale\nPia;Hart\nRuna;Inch\n;Nobody\nWren;Abbot"
        );
        desk.See("10 students: Wren A., Torin B.");
        desk.See("Line 11");
        desk.See("Wren A. comes 2 times.");
        desk.ShouldBeAccessible();
        desk.ClickButton("Add class");
        desk.See("Here today: 10 of 10");

        desk.Click(() => desk.Field("Torin B."));
        desk.See("Here today: 9 of 10");
        desk.ClickButton("Add a preference");
        desk.Choose("Preference 1: one", "Mika C.");
        desk.Choose("Preference 1: the other", "Sena D.");
        desk.Choose("Preference 1: how", "together");
        desk.ClickButton("Make teams");
        desk.See("Nobody works with an earlier partner again.");
        var together = Teams(desk).Single(t => t.Contains("Mika C.", StringComparison.Ordinal));
        together.ShouldContain("Sena D.");
        desk.Text.ShouldNotContain("Torin B. Keeps");
        desk.ShouldBeAccessible();
        desk.ShouldFit();

        desk.Type("Name of team 1", "Sanderlings");
        desk.Choose("Move Pia H. to", "Sanderlings");
        desk.Until(() => Teams(desk)[0].Contains("Pia H.", StringComparison.Ordinal), "Pia in the first team");
        desk.Click(() => desk.Field("Lock Sanderlings"));
        var locked = Members(Teams(desk)[0]);
        desk.Type("Shuffle number", "5");
        desk.ClickButton("Remake unlocked teams");
        desk.Until(() => desk.Field("Name of team 1").GetAttribute("value") == "Sanderlings", "the locked team's name");
        desk.Until(() => Members(Teams(desk)[0]).SequenceEqual(locked), "the locked team as it was");

        desk.Type("Short code of Sanderlings", "qx");
        desk.Choose("Spread over the teams", "Otto G.");
        desk.Choose("Spread over the teams", "Runa I.");
        desk.ClickButton("Remake unlocked teams");
        desk.Until(
            () =>
                !Teams(desk)
                    .Any(t =>
                        t.Contains("Otto G.", StringComparison.Ordinal)
                        && t.Contains("Runa I.", StringComparison.Ordinal)
                    ),
            "the two in different teams"
        );
        desk.ClickButton("Begin the rally");
        desk.See("Count the kit out, team by team, or go on without.");
        desk.Click(() => desk.One("link", "Teams", exact: false));
        desk.See("Pia H.");
        desk.See("keeps the record");
        desk.Driver.FindElement(By.CssSelector(".teams svg text")).Text.ShouldBe("QX");
        desk.ShouldHaveCleanConsole();
    }

    [Fact]
    public void A_class_shows_who_had_which_job_and_a_student_is_renamed_and_removed()
    {
        var desk = OpenWindow(server.Address);
        desk.Open("/");
        desk.ClickLink("Classes");
        desk.See("Has worked with");
        desk.See("Wren A.");
        desk.ShouldBeAccessible();
        desk.ShouldFit();
        desk.Type("Name of Wren A.", "Wrenna A.");
        desk.Field("Name of Wren A.").SendKeys(Keys.Tab);
        desk.See("Wrenna A.");
        desk.ClickInMenu("Wrenna A.", "Delete");
        desk.See("The name is removed from the class and from every rally at once.");
        desk.ShouldBeAccessible();
        desk.ClickButton("Cancel");
        desk.See("Wrenna A.");
        desk.ClickInMenu("Wrenna A.", "Delete");
        desk.ClickButton("Delete");
        desk.SeeNot("Wrenna A.");
        desk.Type("New student", "Hollis V.");
        desk.ClickButton("Add student");
        desk.Until(() => desk.Row("nobody yet").Displayed, "nobody yet");
        desk.Until(() => desk.Field("Name of Hollis V.").Displayed, "Name of Hollis V.");
        desk.ShouldHaveCleanConsole();
    }

    private static List<string> Teams(Browser desk) =>
        [.. desk.Driver.FindElements(By.CssSelector(".board > li")).Select(t => t.Text)];

    private static string[] Members(string team) =>
        [
            .. System
                .Text.RegularExpressions.Regex.Matches(
                    team,
                    @"^\p{Lu}\p{L}+ \p{Lu}\.",
                    System.Text.RegularExpressions.RegexOptions.Multiline
                )
                .Select(m => m.Value)
                .Order(),
        ];
}
