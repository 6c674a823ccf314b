<?php

declare(strict_types=1);

namespace App\Entry;

use App\Bench\Bench;
use App\Bench\User;
use App\Eye\SeenByEye;
use App\Ledger\AsSent;
use App\Ledger\Once;
use App\Ledger\WrittenBy;
use App\People\Here;
use App\People\Rule;
use App\People\Rules;
use App\People\Shop;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use JackRest\Core\Measure\LengthFormatter;
use Symfony\Component\HttpFoundation\Response;

/**
 * Says whose request this is, at which bench, and whether they may: the one place that decides it.
 */
final class EnterBench
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $here = Shop::isShared() ? Here::signedIn($request) : Here::alone();
        $here->allow(self::rule($request));
        $user = $here->user;
        app()->instance(Here::class, $here);
        app()->instance(User::class, $user);
        app()->instance(Bench::class, $here->bench);
        app()->instance(WrittenBy::class, Shop::isShared()
            ? new WrittenBy($user->name, $here->role->may(Rule::Record))
            : new WrittenBy());
        app()->instance(Once::class, new Once($request->header(Once::HEADER)));
        app()->instance(
            AsSent::class,
            AsSent::of($request->header(AsSent::HEADER), $user->unit->value, self::body($request)),
        );
        // What the eye sees is read where a length is told, and not for every poll.
        app()->singleton(LengthFormatter::class, static fn (): LengthFormatter => new LengthFormatter(
            $user->unit,
            $user->paper_mm,
            SeenByEye::mm($here->bench),
        ));

        return $next($request);
    }

    private static function rule(Request $request): Rule
    {
        $route = $request->route();

        return ($route instanceof Route ? Rules::of($route) : null) ?? abort(403, 'This address has no rule yet.');
    }

    /** @return array<string, mixed> */
    private static function body(Request $request): array
    {
        /** @var array<string, mixed> $sent */
        $sent = $request->isJson() && ! $request->isMethod('GET') ? $request->json()->all() : [];

        return $sent;
    }
}
