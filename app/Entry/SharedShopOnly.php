<?php

declare(strict_types=1);

namespace App\Entry;

use App\People\Shop;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Accounts are of a shop that is shared; on one machine there are none. */
final class SharedShopOnly
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        abort_unless(Shop::isShared(), 404);

        return $next($request);
    }
}
