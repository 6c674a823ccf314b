<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Routing\Route;

/**
 * What each address asks of whoever calls it. What is read asks to look, unless it stands here; what is sent must stand
 * here, or it is refused: a new address without a rule opens to nobody.
 */
final class Rules
{
    /** What computes and writes nothing. */
    private const LOOK = [
        'POST augers/{auger}/preview',
        'POST blanks/preview',
        'POST day',
        'POST edges/{edge}/curve/preview',
        'POST edges/{edge}/geometry/preview',
        'POST edges/{edge}/plan',
        'POST files/{what}/preview',
        'POST fit/{question}',
        'POST guides/preview',
        'POST plans/{plan}/needs',
        'POST plans/{plan}/preview',
        'POST rack/preview',
        'POST readings',
        'POST readings/step',
        'POST references/known/preview',
        'POST references/{reference}/preview',
        'POST saws/{saw}/preview',
        'POST scrapers/{scraper}/preview',
        'POST set-out/{question}/preview',
        'POST shadow-boards/preview',
        'POST three-edges/preview',
        'POST tools/preview',
        'POST winding/preview',
        'POST wood/preview',
        'POST works/preview',
        'POST works/{work}/jobs/preview',
    ];

    private const RECORD = [
        'PUT augers/{auger}',
        'POST augers/{auger}/sessions',
        'POST blanks',
        'PUT blanks/{blank}',
        'DELETE blanks/{blank}',
        'POST blanks/{blank}/measures',
        'PUT care/damp',
        'POST consumables',
        'DELETE consumables/{consumable}',
        'POST day/sessions',
        'POST diary/{entry}/undo',
        'DELETE edges/{edge}',
        'POST edges/{edge}/bevel',
        'POST edges/{edge}/condition',
        'PUT edges/{edge}/curve',
        'POST edges/{edge}/events',
        'PUT edges/{edge}/geometry',
        'POST edges/{edge}/sessions',
        'POST edges/{edge}/trials',
        'PUT eye-runs/{eyeRun}',
        'POST eye/{exercise}/runs',
        'POST files/{what}',
        'POST guides',
        'PUT guides/{guide}',
        'DELETE guides/{guide}',
        'DELETE jobs/{job}',
        'PUT jobs/{job}/found',
        'POST jobs/{job}/photos',
        'POST jobs/{job}/sessions',
        'POST jobs/{job}/steps',
        'POST kit/idle/away',
        'POST kit/offers/{offer}/got',
        'POST kit/offers/{offer}/want',
        'PUT kit/school',
        'POST looks',
        'POST looks/brought',
        'PUT looks/{look}',
        'POST looks/{look}/bought',
        'POST looks/{look}/left',
        'POST looks/{look}/photos',
        'DELETE makings/{making}',
        'POST makings/{making}/sessions',
        'DELETE photos/{photo}',
        'POST plans/{plan}/makings',
        'POST references',
        'POST references/known',
        'DELETE references/{reference}',
        'POST references/{reference}/drops',
        'POST references/{reference}/sessions',
        'POST references/{reference}/tests',
        'PUT references/{reference}/wood',
        'PUT saws/{saw}',
        'POST saws/{saw}/sessions',
        'POST scrapers/{scraper}/sessions',
        'POST season/air',
        'DELETE season/stretches/{stretch}',
        'PUT sessions/{session}',
        'POST sessions/{session}/finish',
        'PUT set-outs/{setOut}',
        'DELETE set-outs/{setOut}',
        'POST set-outs/{setOut}/sessions',
        'POST shadow-boards',
        'PUT shadow-boards/{shadowBoard}',
        'DELETE shadow-boards/{shadowBoard}',
        'POST stones',
        'PUT stones/{stone}',
        'DELETE stones/{stone}',
        'POST stones/{stone}/flattened',
        'POST stones/{stone}/renewed',
        'POST three-edges/sessions',
        'POST three-edges/tests',
        'POST tools',
        'PUT tools/{tool}',
        'DELETE tools/{tool}',
        'PUT tools/{tool}/condition',
        'POST tools/{tool}/edges',
        'POST tools/{tool}/got',
        'POST tools/{tool}/hung',
        'PUT tools/{tool}/kept',
        'POST tools/{tool}/lent',
        'PUT tools/{tool}/price',
        'POST tools/{tool}/strokes',
        'POST tools/{tool}/used',
        'POST upkeep/{key}/done',
        'POST winding/sessions',
        'POST winding/tests',
        'POST works',
        'PUT works/{work}',
        'DELETE works/{work}',
        'PUT works/{work}/chosen',
        'POST works/{work}/jobs',
        'POST works/{work}/set-outs',
    ];

    private const OWN = [
        // Asks another program on the machine that serves.
        'GET instrument',
        'GET instrument/air',
        'GET backups',
        'POST backups',
        'PUT backups',
        'POST backups/{backup}/back',
        'POST people/invitations',
        'DELETE people/invitations/{ticket}',
        'PUT people/{membership}',
        'DELETE people/{membership}',
        'POST people/{membership}/recovery',
    ];

    private const SELF = [
        'POST benches/{place}/enter',
        'PUT preferences',
        'DELETE sign-in',
    ];

    private const ACCOUNT = [
        'POST benches',
        'POST benches/file',
        'POST benches/file/preview',
        'DELETE benches/{place}/brought',
        'DELETE sign-ins/{signIn}',
        'PUT password',
        'DELETE account',
        'POST pairings',
    ];

    /** Null: it has none. */
    public static function of(Route $route): ?Rule
    {
        $method = $route->methods()[0];
        $address = $method.' '.substr($route->uri(), strlen('api/'));

        return match (true) {
            in_array($address, self::SELF, true) => Rule::Self,
            in_array($address, self::ACCOUNT, true) => Rule::Account,
            in_array($address, self::OWN, true) => Rule::Own,
            in_array($address, self::RECORD, true) => Rule::Record,
            in_array($address, self::LOOK, true), $method === 'GET' => Rule::Look,
            default => null,
        };
    }
}
