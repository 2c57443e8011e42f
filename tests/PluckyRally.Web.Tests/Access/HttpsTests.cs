using System.Net;
using System.Net.Security;
using System.Security.Cryptography;
using System.Security.Cryptography.X509Certificates;
using Microsoft.AspNetCore.Hosting.Server;
using Microsoft.AspNetCore.Hosting.Server.Features;
using Microsoft.AspNetCore.Http.Features;
using PluckyRally.Core.Files;
using PluckyRally.Data.Folder;
using PluckyRally.Data.Passes;
using PluckyRally.Web.Access;
using PluckyRally.Web.Certificates;

namespace PluckyRally.Web.Tests.Access;

/// <summary>
/// The encrypted line: an authority of this computer's own, which a device that trusts it takes, and any other does
/// not.
/// </summary>
public sealed class HttpsTests : IDisposable
{
    private readonly RunningApp _app = new(lan: true, https: true);

    private Uri Encrypted =>
        new(
            _app.Service<IServer>()
                .Features.GetRequiredFeature<IServerAddressesFeature>()
                .Addresses.Single(a => a.StartsWith("https", StringComparison.Ordinal))
                .Replace("0.0.0.0", "127.0.0.1", StringComparison.Ordinal)
        );

    [Theory]
    [InlineData("127.0.0.1")]
    [InlineData("localhost")]
    public async Task A_device_that_trusts_the_authority_comes_in_by_name_and_by_number(string host)
    {
        using var device = Device(Trust());
        var answer = await device.GetAsync(
            new UriBuilder(Encrypted) { Host = host, Path = "/api/who" }.Uri,
            TestContext.Current.CancellationToken
        );
        answer.StatusCode.ShouldBe(HttpStatusCode.OK);
        answer.Headers.GetValues("Strict-Transport-Security").Single().ShouldStartWith("max-age=");
    }

    [Fact]
    public async Task A_stranger_is_told_no_path_of_this_computer()
    {
        using var device = Device(Trust());
        var said = await device.GetStringAsync(
            new UriBuilder(Encrypted) { Host = "127.0.0.1", Path = "/api/authority" }.Uri,
            TestContext.Current.CancellationToken
        );
        said.ShouldContain("fingerprint");
        said.ShouldNotContain(_app.Folder);
        said.ShouldNotContain("authority.crt");
    }

    [Fact]
    public async Task A_device_that_does_not_trust_it_does_not()
    {
        using var device = new HttpClient { BaseAddress = Encrypted };
        (
            await Should.ThrowAsync<HttpRequestException>(() =>
                device.GetAsync("/api/who", TestContext.Current.CancellationToken)
            )
        ).InnerException.ShouldBeOfType<System.Security.Authentication.AuthenticationException>();
    }

    [Fact]
    public async Task Cookies_of_the_encrypted_line_stay_on_it_and_its_links_are_its_own()
    {
        (
            await Classroom.Send(_app.Client, "/api/password", new PasswordTyped(Classroom.Password))
        ).EnsureSuccessStatusCode();
        using var device = Device(Trust());
        device.BaseAddress = Encrypted;
        var came = await device.PostAsync(
            "/api/sign-in",
            RunningApp.Body(Json.Write(new PasswordTyped(Classroom.Password))),
            TestContext.Current.CancellationToken
        );
        came.Headers.GetValues("Set-Cookie")
            .ShouldAllBe(c =>
                c.Contains("secure", StringComparison.OrdinalIgnoreCase)
                && c.Contains("httponly", StringComparison.OrdinalIgnoreCase)
                && c.Contains("samesite=strict", StringComparison.OrdinalIgnoreCase)
            );
        var rally = await _app.Begin(Sample.Brief(), "Able");
        using var made = await Classroom.Send(_app.Client, $"/api/rallies/{rally}/passes", new NewPass(PassKind.Judge));
        (await RunningApp.Read(made)).GetProperty("link").GetString()!.ShouldStartWith("https://");
    }

    /// <summary>
    /// Constraints of RFC 5280, 4.2.1.10, read by the framework's own verifier: another name under the same authority
    /// is refused.
    /// </summary>
    [Fact]
    public void Whoever_steals_the_authority_cannot_pose_as_a_site_of_the_internet()
    {
        using var authority = X509Certificate2.CreateFromPemFile(
            Path.Combine(_app.Folder, "authority.crt"),
            Path.Combine(_app.Folder, "authority.key")
        );
        Verify(authority, "bank.example").ShouldBeFalse();
        Verify(authority, Environment.MachineName.ToLowerInvariant()).ShouldBeTrue();
    }

    [Fact]
    public void The_key_is_its_owners_alone_and_the_authority_stays_the_same()
    {
        var key = Path.Combine(_app.Folder, "authority.key");
        (File.GetUnixFileMode(key) & ~(UnixFileMode.UserRead | UnixFileMode.UserWrite)).ShouldBe(UnixFileMode.None);
        using var again = OwnCertificates.Open(new DataFolder(_app.Folder), TimeProvider.System);
        again.Fingerprint.ShouldBe(_app.Service<OwnCertificates>().Fingerprint);
        again.Fingerprint.ShouldMatch("^([0-9A-F]{2}:){31}[0-9A-F]{2}$");
    }

    [Fact]
    public void A_certificate_is_made_anew_before_it_ends()
    {
        var clock = new Microsoft.Extensions.Time.Testing.FakeTimeProvider(DateTimeOffset.UtcNow);
        using var own = OwnCertificates.Open(new DataFolder(_app.Folder), clock);
        var first = own.Current();
        own.Current().ShouldBeSameAs(first);
        (first.NotAfter - first.NotBefore).TotalDays.ShouldBeLessThanOrEqualTo(
            398,
            "the CA/Browser Forum's Baseline Requirements, 6.3.2, from memory"
        );
        clock.Advance(TimeSpan.FromDays(380));
        own.Current().Thumbprint.ShouldNotBe(first.Thumbprint);
    }

    public void Dispose() => _app.Dispose();

    private X509Certificate2 Trust() =>
        X509CertificateLoader.LoadCertificate(_app.Service<OwnCertificates>().Authority);

    private static HttpClient Device(X509Certificate2 trusted) =>
        new(
            new SocketsHttpHandler
            {
                SslOptions = new SslClientAuthenticationOptions { CertificateChainPolicy = Policy(trusted) },
            }
        );

    private static X509ChainPolicy Policy(X509Certificate2 trusted)
    {
        var policy = new X509ChainPolicy
        {
            TrustMode = X509ChainTrustMode.CustomRootTrust,
            RevocationMode = X509RevocationMode.NoCheck,
        };
        policy.CustomTrustStore.Add(trusted);
        return policy;
    }

    private static bool Verify(X509Certificate2 authority, string name)
    {
        using var key = ECDsa.Create(ECCurve.NamedCurves.nistP256);
        var request = new CertificateRequest($"CN={name}", key, HashAlgorithmName.SHA256);
        var names = new SubjectAlternativeNameBuilder();
        names.AddDnsName(name);
        request.CertificateExtensions.Add(names.Build());
        using var forged = request.Create(
            authority,
            DateTimeOffset.UtcNow.AddHours(-1),
            DateTimeOffset.UtcNow.AddDays(1),
            [1, 2, 3]
        );
        using var chain = new X509Chain
        {
            ChainPolicy = Policy(X509CertificateLoader.LoadCertificate(authority.RawData)),
        };
        return chain.Build(forged);
    }
}
