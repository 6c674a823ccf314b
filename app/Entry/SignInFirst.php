<?php

declare(strict_types=1);

namespace App\Entry;

use App\People\Here;
use App\People\Shop;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** In a shared shop nobody computes who is not signed in, at whichever bench; on one machine everybody does. */
final class SignInFirst
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (Shop::isShared()) {
            Here::signedIn($request);
        }

        return $next($request);
    }
}
