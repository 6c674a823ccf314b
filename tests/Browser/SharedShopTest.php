<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Cookie;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use PDO;

/** Two people, two browsers and a phone at one bench, over TLS. */
final class SharedShopTest extends BrowserTestCase
{
    private const PASSWORD = 'four quiet bees hum';

    private static ?SharedServer $shop = null;

    public static function tearDownAfterClass(): void
    {
        self::$shop = null;
        parent::tearDownAfterClass();
    }

    public function test_a_shop_is_shared_by_invitation_and_a_phone_is_paired(): void
    {
        if (! SharedServer::isPossible()) {
            self::markTestSkipped('Without nginx and php-fpm no shop is shared.');
        }
        $shop = self::$shop = new SharedServer();
        $this->checksTheCertificate($shop);
        $hazel = $this->browser;
        $this->asksForASignIn($shop, $hazel);

        $hazel->get($shop->first());
        $this->seesText('The first account', $hazel);
        $this->fill($hazel, 'Hazel', 'short');
        $this->press('Make the account', $hazel);
        $this->seesText('At least 12 characters', $hazel);
        $this->fill($hazel, 'Hazel', self::PASSWORD);
        $this->press('Make the account', $hazel);
        $this->sees("//h1[. = 'Bench']", $hazel);
        $this->isNotSentTwice($hazel);
        $this->sees("//a[. = 'Hazel']", $hazel)->click();
        $this->press('Make an invitation', $hazel);
        $invitation = $this->handed($hazel);
        $this->isOpenToAll($hazel);

        $rowan = $this->newBrowser();
        $rowan->get($invitation);
        $this->seesText('Come to Orchard Row', $rowan);
        $this->fill($rowan, 'Rowan', 'nine slow wasps turn');
        $this->press('Make the account', $rowan);
        $this->sees("//h1[. = 'Bench']", $rowan);
        $late = $this->newBrowser();
        $late->get($invitation);
        $this->seesText('This opens nothing any more', $late);

        $rowan->get($shop->url('/edges'));
        $this->sees("//a[contains(., '18 mm chisel')]", $rowan)->click();
        $this->press('Stropped', $rowan);
        $this->seesText('in its diary', $rowan);
        $hazel->get($shop->url('/diary'));
        $this->seesText('Stropped the 18 mm chisel', $hazel);
        $this->seesText('Rowan', $hazel);

        $this->mayOnlyLook($shop, $rowan);
        $this->pairsAPhone($shop, $hazel, $late);
        $this->stolen($shop, $rowan, $late);
    }

    /** By curl, which knows no shop but by its authority. */
    private function checksTheCertificate(SharedServer $shop): void
    {
        $up = escapeshellarg($shop->url('/up'));
        self::assertSame('{"status":"up"}', exec('curl -fsS --cacert '.escapeshellarg($shop->authority())." $up"));
        exec("curl -fsS $up 2>/dev/null", $ignored, $status);
        self::assertSame(60, $status, 'nobody trusts it who was not told');
        exec("curl -fsSk --tls-max 1.1 $up 2>/dev/null", $ignored, $status);
        self::assertNotSame(0, $status);
        self::assertStringStartsWith('2', (string) exec("curl -sk -o /dev/null -w '%{http_version}' $up"));
        $asset = exec('ls '.escapeshellarg(dirname(__DIR__, 2).'/public/build/assets').' | grep main.*js$ | head -1');
        $head = (string) shell_exec('curl -skI --compressed '.escapeshellarg($shop->url("/build/assets/$asset")));
        self::assertStringContainsString('immutable', $head);
        self::assertStringContainsString('content-encoding: gzip', strtolower($head));
    }

    /** What is compressed on the way has a weak tag (RFC 9110, 8.8.1), and is known by it all the same. */
    private function isNotSentTwice(RemoteWebDriver $in): void
    {
        $asked = $in->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            const json = { Accept: 'application/json' };
            fetch('/api/edges', { headers: json }).then(async (once) => {
              const tag = once.headers.get('ETag');
              const again = await fetch('/api/edges', { headers: { ...json, 'If-None-Match': tag } });
              done([once.status, tag, again.status]);
            });
            JS);
        self::assertIsArray($asked);
        self::assertSame([200, 304], [$asked[0], $asked[2]]);
        self::assertStringStartsWith('W/', $asked[1]);
    }

    private function asksForASignIn(SharedServer $shop, RemoteWebDriver $in): void
    {
        $in->get($shop->url('/edges'));
        $this->sees("//h1[. = 'Sign in']", $in);
        self::assertStringContainsString('to=%2Fedges', $in->getCurrentURL());
        $this->isOpenToAll($in);
        $this->fill($in, 'nobody', 'nothing at all');
        $this->press('show', $in);
        self::assertSame('text', $this->field('Password', $in)->getAttribute('type'));
        $this->press('hide', $in);
        self::assertSame('password', $this->field('Password', $in)->getAttribute('type'));
        $this->press('Sign in', $in);
        $this->seesText('That name and password do not go together.', $in);
    }

    /** A reader is offered nothing that would be refused; whoever records sees it again. */
    private function mayOnlyLook(SharedServer $shop, RemoteWebDriver $rowan): void
    {
        $base = new PDO("sqlite:$shop->data/jackrest.sqlite", options: [PDO::ATTR_TIMEOUT => 10]);
        $role = $base->prepare(
            'UPDATE memberships SET role = ? WHERE user_id = (SELECT id FROM users WHERE login = ?)',
        );
        $role->execute(['reader', 'rowan']);
        self::assertSame(1, $role->rowCount());
        $pages = ['/kit' => 'Kit', '/edges' => 'Edges', '/work' => 'Work', '/kit/care' => 'Care'];
        foreach ($pages as $page => $title) {
            $rowan->get($shop->url($page));
            $this->sees("//h1[contains(., '$title')]", $rowan);
            $this->seesText('(reader)', $rowan);
            self::assertSame([], $rowan->findElements(WebDriverBy::cssSelector('[data-writes]')), $page);
        }
        $this->seesNoMore('Add a tool', $rowan);
        $role->execute(['member', 'rowan']);
        $rowan->get($shop->url('/kit/care'));
        $this->sees('//button[@data-writes]', $rowan);
    }

    private function pairsAPhone(SharedServer $shop, RemoteWebDriver $hazel, RemoteWebDriver $phone): void
    {
        $hazel->get($shop->url('/people'));
        $this->press('Show the code', $hazel);
        $this->sees("//*[name()='svg'][@aria-label='The address as a code for a camera']", $hazel);
        $code = $this->handed($hazel);
        $this->device(360, 'light', $phone);
        $phone->get($code);
        $this->press('Sign this phone in', $phone);
        $this->sees("//h1[. = 'Bench']", $phone);
        $hazel->get($shop->url('/people'));
        $this->seesText('this bench alone, last seen', $hazel);
        $this->press('Sign it out', $hazel);
        $this->seesNoMore('this bench alone, last seen', $hazel);
        $phone->get($shop->url('/kit'));
        $this->sees("//h1[. = 'Sign in']", $phone);
    }

    /** A cookie that somebody took ends with the sign-in it was of. */
    private function stolen(SharedServer $shop, RemoteWebDriver $rowan, RemoteWebDriver $thief): void
    {
        $cookie = $rowan->manage()->getCookieNamed('jackrest_sign_in');
        self::assertInstanceOf(Cookie::class, $cookie);
        self::assertSame([true, true], [$cookie->isHttpOnly(), $cookie->isSecure()]);
        $thief->manage()->addCookie([
            'name' => 'jackrest_sign_in', 'value' => (string) $cookie->getValue(), 'secure' => true,
        ]);
        $thief->get($shop->url('/kit'));
        $this->sees("//h1[. = 'Kit']", $thief);
        $rowan->get($shop->url('/people'));
        $this->press('Sign out', $rowan);
        $this->sees("//h1[. = 'Sign in']", $rowan);
        $thief->get($shop->url('/kit'));
        $this->sees("//h1[. = 'Sign in']", $thief);
    }

    private function isOpenToAll(RemoteWebDriver $in): void
    {
        Access::bring($in);
        self::assertSame([], Access::violations($in));
    }

    private function fill(RemoteWebDriver $in, string $name, string $password): void
    {
        $this->type('Name', $name, $in);
        $this->type('Password', $password, $in);
    }

    /** The address that is shown this once. */
    private function handed(RemoteWebDriver $in): string
    {
        $shown = $this->sees("//p[contains(., 'https://') and contains(., '#')]", $in)->getText();
        $address = trim($shown);

        // Its phones know the shop by its number; here it goes by its name.
        return (string) preg_replace('~^https://[^/]+~', rtrim((string) self::$shop?->url('/'), '/'), $address);
    }
}
