<?php

declare(strict_types=1);

namespace App\Entry;

use App\People\Shop;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\View;
use Symfony\Component\HttpFoundation\Response;

/** Lets pages load from the application itself only; a nonce lets Radix add its own style elements. */
final class GuardContent
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $nonce = base64_encode(random_bytes(16));
        View::share('nonce', $nonce);
        $response = $next($request);
        if ($request->isMethod('GET') && $request->is('api/*')) {
            return self::data($response, $request->is('api/pulse'));
        }
        $response->headers->set(
            'Content-Security-Policy',
            implode('; ', [
                "default-src 'none'",
                "script-src 'self'",
                "style-src 'self' 'nonce-$nonce'",
                "img-src 'self' data:",
                "font-src 'self'",
                "connect-src 'self'",
                "manifest-src 'self'",
                "form-action 'self'",
                "base-uri 'none'",
                "frame-ancestors 'none'",
            ]),
        );
        if (Shop::hasOwnCertificate()) {
            // Not with the shop's own authority: a device that does not trust it yet would be locked out.
            $response->headers->set('Strict-Transport-Security', 'max-age=31536000');
        }
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('Referrer-Policy', 'same-origin');
        $response->headers->set('Cross-Origin-Opener-Policy', 'same-origin');
        $response->headers->set('Cross-Origin-Resource-Policy', 'same-origin');
        // A photograph is taken through the file chooser, which needs none of these.
        $response->headers->set('Permissions-Policy', 'camera=(), geolocation=(), microphone=(), payment=(), usb=()');

        return $response;
    }

    /** What is read and not shown as a page: it may load nothing at all. A window's pulse alone keeps its cookies. */
    private static function data(Response $response, bool $isPulse): Response
    {
        $response->headers->set('Content-Security-Policy', "default-src 'none'; frame-ancestors 'none'");
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('Referrer-Policy', 'same-origin');
        $response->headers->set('Cross-Origin-Opener-Policy', 'same-origin');
        $response->headers->set('Cross-Origin-Resource-Policy', 'same-origin');
        if (! $isPulse) {
            $response->headers->remove('Set-Cookie');
        }

        return $response;
    }
}
