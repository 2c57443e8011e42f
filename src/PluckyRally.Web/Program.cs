using System.Net;
using System.Reflection;
using Microsoft.AspNetCore.Connections;
using Microsoft.Data.Sqlite;
using PluckyRally.Core.Files;
using PluckyRally.Data;
using PluckyRally.Data.Folder;
using PluckyRally.Web.Access;
using PluckyRally.Web.Briefs;
using PluckyRally.Web.Certificates;
using PluckyRally.Web.Day;
using PluckyRally.Web.Debriefs;
using PluckyRally.Web.Demo;
using PluckyRally.Web.Files;
using PluckyRally.Web.Instruments;
using PluckyRally.Web.Keeping;
using PluckyRally.Web.Kit;
using PluckyRally.Web.Live;
using PluckyRally.Web.Papers;
using PluckyRally.Web.Photos;
using PluckyRally.Web.Problems;
using PluckyRally.Web.Results;
using PluckyRally.Web.Run;
using PluckyRally.Web.Schools;
using PluckyRally.Web.Score;
using PluckyRally.Web.Start;
using PluckyRally.Web.Status;
using PluckyRally.Web.Teams;
using PluckyRally.Web.Wall;
using PluckyRally.Web.Year;

if (args.Any(a => a is "--help" or "-h" or "help"))
{
    Console.WriteLine(ServerSettings.Help);
    return 0;
}

// A backup that is restored in the browser is put in place between two runs.
var restoring = new CopyRestoring();
int ended;
do ended = await Serve(args, restoring);
while (ended == 0 && restoring.IsWanted);
return ended;

static async Task<int> Serve(string[] args, CopyRestoring restoring)
{
    // The build starts this program too, only to write down the API's description: there is no data then, and no port.
    var describing = Assembly.GetEntryAssembly()?.GetName().Name == "GetDocument.Insider";
    try
    {
        // A published folder has its pages beside the program, wherever it is started from.
        var published = Directory.Exists(Path.Combine(AppContext.BaseDirectory, "wwwroot"));
        var builder = WebApplication.CreateBuilder(
            new WebApplicationOptions { Args = args, ContentRootPath = published ? AppContext.BaseDirectory : null }
        );
        var settings = ServerSettings.Read(builder.Configuration);
        if (restoring.Port is { } before)
            settings = settings with { Port = before };
        if (!describing)
            PortStart.Check(settings);
        var held = describing ? null : DataStart.Take(settings.Folder);
        if (held is not null)
            restoring.PutInPlace(settings.Folder);

        // A demo is made anew, unless a backup of it was just restored.
        var fresh = settings.Demo is not null && restoring.Last is null;
        if (held is not null && await DataStart.Prepare(settings.Folder, fresh) is { } trouble)
        {
            using (held)
                await TroublePage.Serve(settings, trouble);
            return 2;
        }

        // With an encrypted line the classroom has nothing but that; this computer itself needs none.
        var certificates = settings.HttpsPort is null
            ? null
            : OwnCertificates.Open(settings.Folder, TimeProvider.System);
        if (certificates is not null)
            builder.Services.AddSingleton(_ => certificates);
        builder.WebHost.ConfigureKestrel(kestrel =>
        {
            kestrel.Listen(
                settings.Lan && certificates is null ? IPAddress.Any : IPAddress.Loopback,
                describing ? 0 : settings.Port
            );
            if (certificates is not null)
                kestrel.Listen(IPAddress.Any, settings.HttpsPort ?? 0, line =>
                    line.UseHttps(https => https.ServerCertificateSelector = (_, _) => certificates.Current())
                );
            kestrel.AddServerHeader = false;
            kestrel.Limits.MaxRequestBodySize = BodyLimit.Usual;
        });
        if (!describing)
            builder.Services.AddLogFile(settings.Folder);
        builder.Services.AddSingleton(TimeProvider.System);
        builder.Services.AddSingleton(_ => held ?? throw new InvalidOperationException("There is no data."));
        builder.Services.AddDataFile(settings.Folder);
        builder.Services.AddAccess(settings);
        builder.Services.AddSingleton<DemoBeside>();
        builder.Services.AddSingleton<ReadyBriefs>();
        builder.Services.AddSingleton(restoring);
        builder.Services.AddSingleton<CopyKeeper>();
        builder.Services.AddSingleton<InstrumentBoard>();
        builder.Services.AddSingleton<LiveTeller>();
        builder.Services.AddSingleton<RoundCache>();
        builder.Services.AddSingleton<LongWork>();
        if (!describing)
        {
            builder.Services.AddHostedService(provider => provider.GetRequiredService<CopyKeeper>());
            builder.Services.AddHostedService<InstrumentSocket>();
            builder.Services.AddHostedService<InstrumentTeller>();
        }

        builder.Services.ConfigureHttpJsonOptions(options => Json.Apply(options.SerializerOptions));
        builder.Services.AddSignalR().AddJsonProtocol(options => Json.Apply(options.PayloadSerializerOptions));
        builder.Services.AddResponseCompression();
        builder.Services.AddOpenApi(options =>
        {
            options.CreateSchemaReferenceId = ContractSchemas.NameOf;
            options.AddSchemaTransformer<ContractSchemas>().AddDocumentTransformer<OneLineDescriptions>();
        });

        var app = builder.Build();
        if (!describing)
            app.UseLogFile();
        app.UseSecurityHeaders();
        app.UseResponseCompression();
        app.UseOwnSite(settings);
        app.UseNoChangesWhileRestoring(restoring);
        app.UsePages();
        app.UseAuthentication();
        app.UseRateLimiter();
        app.UseAuthorization();
        var api = app.MapGroup("/api");
        api.MapSignIn();
        api.MapJoin();
        api.MapPasses();
        api.MapBrief();
        api.MapDrafts();
        api.MapSaid();
        api.MapRehearsals();
        api.MapHistory();
        api.MapMemory();
        api.MapKit();
        api.MapCupboard();
        api.MapRallyKit();
        api.MapClasses();
        api.MapTeams();
        api.MapPlacing();
        api.MapAttendance();
        api.MapDraws();
        api.MapBriefChanges();
        api.MapRun();
        api.MapScore();
        api.MapInstruments();
        api.MapPhotos();
        api.MapResults();
        api.MapOverAll();
        api.MapDebrief();
        api.MapYear();
        api.MapFiles();
        api.MapTables();
        api.MapPapers();
        api.MapSchool();
        api.MapPlans();
        api.MapDays();
        api.MapDayBoards();
        api.MapDaysTogether();
        api.MapNewFairs();
        api.MapDemo();
        api.MapWall();
        api.MapKeeping();
        api.MapHealth();
        api.MapAuthority();
        app.MapHub<LiveHub>("/live").For(Operation.Follow);
        app.MapPages();

        if (!describing)
        {
            await DataStart.Fill(
                app.Services,
                fresh ? settings : settings with { Demo = null },
                app.Lifetime.ApplicationStopping
            );
            var ours = app.Services.GetRequiredService<FolderLock>();
            app.Lifetime.ApplicationStarted.Register(() =>
            {
                restoring.Port = new Uri(app.Urls.First()).Port;
                Started(app, settings, ours);
            });
            if (settings.Home is not null)
                _ = DemoBeside.EndWith(Console.In, app.Lifetime);
        }

        await app.RunAsync();
        return 0;
    }
    catch (IOException taken) when (taken.InnerException is AddressInUseException)
    {
        await Console.Error.WriteLineAsync($"{taken.Message} Stop the program that uses it, or choose another --port.");
        return 2;
    }
    catch (Exception wrong) when (wrong is SqliteException or IOException or UnauthorizedAccessException)
    {
        var trouble = DataTrouble.Of(wrong, "The data folder");
        await Console.Error.WriteLineAsync($"{trouble.What} {trouble.Remedy}");
        return 2;
    }
    catch (StartRefusedException refused)
    {
        await Console.Error.WriteLineAsync(refused.Message);
        return 2;
    }
}

static void Started(WebApplication app, ServerSettings settings, FolderLock held)
{
    var here = LanAddresses.Here(app.Urls.First());
    held.Say(here);
    LogMessages.Started(app.Logger, PluckyRally.Web.Status.Version.Number, settings.DataFolder, settings.Lan);
    app.Lifetime.ApplicationStopping.Register(() => LogMessages.Stopped(app.Logger));
    Console.WriteLine($"Plucky Rally is at {here}  (Ctrl+C ends it)");
    if (settings.Lan)
        Console.WriteLine(
            "Other devices of the classroom find it at "
                + $"{string.Join(" or ", LanAddresses.All().Select(a => ServedAt.Of(app.Urls, a)))}"
        );
}
