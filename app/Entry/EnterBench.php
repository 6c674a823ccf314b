<?php

declare(strict_types=1);

namespace App\Entry;

use App\Bench\Bench;
use App\Bench\User;
use App\Eye\SeenByEye;
use App\Ledger\AsSent;
use App\Ledger\Once;
use Closure;
use Illuminate\Http\Request;
use JackRest\Core\Measure\LengthFormatter;
use Symfony\Component\HttpFoundation\Response;

/**
 * Says whose request this is and at which bench: the one place that decides it.
 *
 * There is one user at one bench for now; sign-in will change this class and no query.
 */
final class EnterBench
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = User::query()->with('bench')->first();
        if ($user === null) {
            abort(503, 'There is no bench yet. Run ./jackrest start, which lays the demo bench.');
        }
        app()->instance(User::class, $user);
        app()->instance(Bench::class, $user->bench);
        app()->instance(Once::class, new Once($request->header(Once::HEADER)));
        app()->instance(
            AsSent::class,
            AsSent::of($request->header(AsSent::HEADER), $user->unit->value, self::body($request)),
        );
        // What the eye sees is read where a length is told, and not for every poll.
        app()->singleton(LengthFormatter::class, static fn (): LengthFormatter => new LengthFormatter(
            $user->unit,
            $user->paper_mm,
            SeenByEye::mm($user->bench),
        ));

        return $next($request);
    }

    /** @return array<string, mixed> */
    private static function body(Request $request): array
    {
        /** @var array<string, mixed> $sent */
        $sent = $request->isJson() && ! $request->isMethod('GET') ? $request->json()->all() : [];

        return $sent;
    }
}
