using System.Net;
using System.Reflection;
using PluckyRally.Core;
using PluckyRally.Data;
using PluckyRally.Web;

try
{
    var builder = WebApplication.CreateBuilder(args);
    var settings = ServerSettings.Read(builder.Configuration);
    PortStart.Check(settings);
    builder.WebHost.ConfigureKestrel(kestrel =>
    {
        kestrel.Listen(settings.Lan ? IPAddress.Any : IPAddress.Loopback, settings.Port);
        kestrel.AddServerHeader = false;
    });

    // Only this computer's own names: a page of another site cannot pass itself off as this one.
    builder.Configuration["AllowedHosts"] = string.Join(';', ["localhost", "127.0.0.1", "[::1]", .. settings.Lan ? [Environment.MachineName, $"{Environment.MachineName}.local", .. LanAddresses.All()] : Array.Empty<string>()]);
    builder.Logging.AddFilter("Microsoft.EntityFrameworkCore", LogLevel.Warning);
    builder.Logging.AddFilter("Microsoft.AspNetCore", LogLevel.Warning);
    builder.Logging.AddFilter("Microsoft.AspNetCore.DataProtection", LogLevel.Error);
    builder.Logging.AddFilter("Microsoft.Hosting.Lifetime", LogLevel.Warning);
    builder.Services.AddSingleton(TimeProvider.System);
    builder.Services.AddDataFile(settings.DataFile);
    builder.Services.AddAccess(settings);
    builder.Services.AddSingleton<InstrumentBoard>();
    builder.Services.AddHostedService<InstrumentSocket>();
    builder.Services.ConfigureHttpJsonOptions(options => Json.Apply(options.SerializerOptions));
    builder.Services.AddSignalR().AddJsonProtocol(options => Json.Apply(options.PayloadSerializerOptions));
    builder.Services.AddOpenApi(options => options.AddSchemaTransformer<ContractSchemas>());

    var app = builder.Build();
    app.UsePages();
    app.UseRateLimiter();
    app.UseAuthentication();
    app.UseAuthorization();
    var api = app.MapGroup("/api");
    api.MapSignIn();
    api.MapPasses();
    api.MapBrief();
    api.MapDrafts();
    api.MapHistory();
    api.MapKit();
    api.MapCupboard();
    api.MapRallyKit();
    api.MapClasses();
    api.MapTeams();
    api.MapRun();
    api.MapScore();
    api.MapInstruments();
    api.MapPhotos();
    api.MapResults();
    api.MapYear();
    api.MapFiles();
    app.MapHub<LiveHub>("/live").AllowAnonymous();
    app.MapPages();

    // The build starts this program too, only to write down the API's description; there is no data then.
    if (Assembly.GetEntryAssembly()?.GetName().Name != "GetDocument.Insider") await DataStart.Prepare(app.Services, settings, app.Lifetime.ApplicationStopping);
    app.Lifetime.ApplicationStarted.Register(() => Console.WriteLine($"Plucky Rally is at {Here(app.Urls.First())}  (Ctrl+C ends it)"));
    if (settings.Lan) app.Lifetime.ApplicationStarted.Register(() => Console.WriteLine($"Other devices of the classroom find it at {string.Join(" or ", LanAddresses.All().Select(a => $"http://{a}:{new Uri(Here(app.Urls.First())).Port}"))}"));
    await app.RunAsync();
    return 0;
}
catch (StartRefusedException refused)
{
    await Console.Error.WriteLineAsync(refused.Message);
    return 2;
}

// What listens to the whole network is found here by this computer's own address.
static string Here(string url) => url.Replace("0.0.0.0", "127.0.0.1", StringComparison.Ordinal);
