using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Hosting.Server;
using Microsoft.AspNetCore.Hosting.Server.Features;
using Microsoft.AspNetCore.Http.Features;
using Microsoft.AspNetCore.Identity;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.Extensions.DependencyInjection;

namespace PluckyRally.Tests;

/// <summary>
/// The real application, served on a free port by this process: what is compiled for the first one serves all others.
/// </summary>
internal sealed class ServedApp : IDisposable
{
    private readonly WebApplicationFactory<Program> _factory;

    /// <param name="folder">Where its data is.</param>
    /// <param name="settings">What would be given when it is started, such as <c>lan</c>; a port where it must be
    /// that one.</param>
    public ServedApp(string folder, params (string Name, string Value)[] settings)
    {
        _factory = new WebApplicationFactory<Program>().WithWebHostBuilder(host =>
        {
            host.UseSetting("port", "0");
            host.UseSetting("data", folder);
            foreach (var (name, value) in settings)
                host.UseSetting(name, value);
            // Hashing a password takes a fifth of a second, on purpose, and tests set many; SessionTests asks for the
            // real work.
            host.ConfigureServices(all =>
                all.PostConfigure<PasswordHasherOptions>(hash => hash.IterationCount = 1_000)
            );
        });
        _factory.UseKestrel();
        _factory.StartServer();

        // What listens to the whole network is asked for by this computer's own address, over the plain line.
        var plain = Services
            .GetRequiredService<IServer>()
            .Features.GetRequiredFeature<IServerAddressesFeature>()
            .Addresses.First(a => a.StartsWith("http:", StringComparison.Ordinal));
        Address = new UriBuilder(plain.Replace("0.0.0.0", "127.0.0.1", StringComparison.Ordinal))
        {
            Host = "127.0.0.1",
        }.Uri;
    }

    public Uri Address { get; }

    public IServiceProvider Services => _factory.Services;

    public void Dispose() => _factory.Dispose();
}
