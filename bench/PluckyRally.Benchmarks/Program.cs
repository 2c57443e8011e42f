using BenchmarkDotNet.Running;

// dotnet run -c Release --project bench/PluckyRally.Benchmarks -- --filter '*' --job short
BenchmarkSwitcher.FromAssembly(typeof(Program).Assembly).Run(args);
