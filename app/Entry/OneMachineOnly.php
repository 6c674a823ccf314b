<?php

declare(strict_types=1);

namespace App\Entry;

use App\Http\InTerminal;
use App\People\Shop;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What is the whole machine's, and every bench's on it: in a shared shop that is nobody's to do from a window. */
final class OneMachineOnly
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        abort_if(
            Shop::isShared(),
            403,
            'In a shared shop backups are made in the terminal: '.InTerminal::command('backup'),
        );

        return $next($request);
    }
}
