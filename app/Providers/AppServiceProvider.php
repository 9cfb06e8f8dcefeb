<?php

declare(strict_types=1);

namespace App\Providers;

use App\Hazards\HazardLookup;
use App\Hazards\SimulatedGazetteer;
use App\Models\Job;
use App\Models\User;
use App\Policies\JobPolicy;
use App\Policies\Permissions;
use App\Support\ForgivingStore;
use App\Weather\SimulatedWeather;
use App\Weather\WeatherSource;
use Illuminate\Cache\CacheManager;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Cache\Repository;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(HazardLookup::class, SimulatedGazetteer::class);
        $this->app->bind(WeatherSource::class, SimulatedWeather::class);
        $this->callAfterResolving('cache', static function (CacheManager $cache): void {
            // Bound to the manager when it is called.
            $cache->extend('file', function (Application $app, array $config): Repository {
                /** @var CacheManager $manager */
                $manager = $this;

                return $manager->repository(
                    new ForgivingStore(
                        $app->make(Filesystem::class),
                        is_string($config['path'] ?? null) ? $config['path'] : storage_path('framework/cache/data'),
                    ),
                );
            });
        });
    }

    public function boot(): void
    {
        self::refuseJit();
        self::nameOwnAddress();
        $proxies = config('app.proxies');
        if (is_string($proxies) && $proxies !== '') {
            // A balancer tells who asks and how; not for which host.
            TrustProxies::at(explode(',', $proxies));
            TrustProxies::withHeaders(Request::HEADER_X_FORWARDED_FOR | Request::HEADER_X_FORWARDED_PROTO);
        }
        Gate::policy(Job::class, JobPolicy::class);
        foreach (['start', 'manage'] as $what) {
            Gate::define($what, static fn (User $user): bool => Permissions::allow($user->role, $what));
        }
        // By address, and by account: many addresses guess at one.
        RateLimiter::for('login', static fn (Request $request): array => [
            Limit::perMinute(20)->by((string) $request->ip()),
            ...is_string($email = $request->input('email')) ? [Limit::perMinute(10)->by('account '.mb_strtolower(mb_substr($email, 0, 190)))] : [],
        ]);
        // Dragging previews twenty times a second; anything far beyond is no person.
        RateLimiter::for('desk', static fn (Request $request): Limit => Limit::perMinute(3000)->by(
            $request->user() === null ? (string) $request->ip() : 'user '.$request->user()->id,
        ));
    }

    /** Links and redirects name the configured address, whatever host a request claims to have asked. On one's own machine it may be another port. */
    private static function nameOwnAddress(): void
    {
        $url = config('app.url');
        if (!app()->isLocal() && is_string($url)) {
            URL::forceRootUrl($url);
            URL::forceScheme(parse_url($url, PHP_URL_SCHEME) === 'https' ? 'https' : 'http');
        }
    }

    /** Measured on PHP 8.2: the JIT compiler makes wrong plans of right code (docs/decisions/0003-speed.md). */
    private static function refuseJit(): void
    {
        $status = function_exists('opcache_get_status') ? @opcache_get_status(false) : false;
        if (is_array($status) && is_array($status['jit'] ?? null) && ($status['jit']['on'] ?? false) === true) {
            throw new \RuntimeException('PHP\'s JIT compiler is on, and was seen to miscompute plans. Set opcache.jit=off.');
        }
    }
}
