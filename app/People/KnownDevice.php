<?php

declare(strict_types=1);

namespace App\People;

use App\Bench\User;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Cookie;

/**
 * A browser that somebody signed in with before. It opens nothing; but whoever guesses at that name elsewhere does not
 * keep it waiting (OWASP, "Device cookies").
 */
final readonly class KnownDevice
{
    public const COOKIE = 'jackrest_device';

    private const DAYS = 400;

    /** People who share a browser. */
    private const MOST = 12;

    /** @param  list<int>  $users  who signed in with it, by number */
    private function __construct(public string $id, private array $users)
    {
    }

    /** As its cookie says, which is encrypted and cannot be made up; one of nobody where it has none. */
    public static function of(Request $request): self
    {
        $cookie = $request->cookie(self::COOKIE);
        $kept = is_string($cookie) ? json_decode($cookie, true) : null;
        $id = is_array($kept) ? $kept['id'] ?? null : null;
        $users = is_array($kept) ? $kept['users'] ?? null : null;

        return is_string($id) && is_array($users)
            ? new self($id, array_values(array_filter($users, is_int(...))))
            : new self(Str::random(24), []);
    }

    public function knows(?User $user): bool
    {
        return $user !== null && in_array($user->id, $this->users, true);
    }

    /** The cookie that says so, from now on. */
    public function with(User $user): Cookie
    {
        $users = array_slice(array_values(array_unique([$user->id, ...$this->users])), 0, self::MOST);
        $kept = json_encode(['id' => $this->id, 'users' => $users], JSON_THROW_ON_ERROR);

        return cookie(self::COOKIE, $kept, self::DAYS * 1440, '/', null, true, true, false, 'strict');
    }
}
