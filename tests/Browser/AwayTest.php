<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;

/** A phone that leaves the shop: pages open without connection, and what is recorded there comes home once. */
final class AwayTest extends BrowserTestCase
{
    private string $session = '';

    public function test_a_phone_goes_to_the_market_and_comes_back(): void
    {
        if (! SharedServer::isPossible()) {
            self::markTestSkipped('Without nginx and php-fpm no shop is shared.');
        }
        $shop = new SharedServer();
        $phone = $this->newBrowser();
        $this->device(360, 'light', $phone);
        $phone->get($shop->first());
        $this->type('Name', 'Hazel', $phone);
        $this->type('Password', 'four quiet bees hum', $phone);
        $this->press('Make the account', $phone);
        $this->sees("//h1[. = 'Bench']", $phone);
        $this->seesAnEdgeAndASession($shop, $phone);
        $this->tookAlong($phone);

        $shop->close();
        $phone = $this->reopen();
        $this->device(360, 'light', $phone);
        foreach (['/' => 'Bench', '/kit' => 'Kit', '/edges' => 'Edges', '/work' => 'Works'] as $page => $title) {
            $phone->get($shop->url($page));
            $this->sees("//h1[. = '$title']", $phone);
            $this->seesText('No connection: as of', $phone);
        }
        $this->looksAPlaneOver($shop, $phone);
        $this->countsOn($phone);

        $phone = $this->reopen();
        $phone->get($shop->url('/kit/look'));
        $this->seesText('looked over', $phone);
        $this->seesText('On this device, not sent yet.', $phone);
        $this->sees("//a[contains(., 'jack plane, looked over')]", $phone)->click();
        $this->seesText('Look through the mouth from below.', $phone);
        $phone->navigate()->refresh();
        $this->seesText('Look through the mouth from below.', $phone);

        $shop->open();
        $this->seesText('Look through the mouth from below.', $phone);
        $this->seesNoMore('No connection', $phone);
        Server::until(
            static fn (): bool => preg_match('~/kit/look/\d+$~', $phone->getCurrentURL()) === 1,
            static fn (): string => 'it to be at the bench, not at '.$phone->getCurrentURL(),
            10,
        );
        $phone->get($shop->url('/kit/look'));
        $this->seesText('2 of 8 checks made', $phone);
        self::assertCount(1, $phone->findElements(
            WebDriverBy::xpath("//li[contains(., '2 of 8 checks made')]"),
        ));
        $phone->get($this->session);
        $this->seesText('A burr along the whole edge', $phone);

        $phone->get($shop->url('/people'));
        $this->press('Sign out', $phone);
        $this->sees("//h1[. = 'Sign in']", $phone);
        self::assertSame([], $this->kept($phone), 'nothing of the bench is left on it');
    }

    private function seesAnEdgeAndASession(SharedServer $shop, RemoteWebDriver $phone): void
    {
        $phone->get($shop->url('/edges'));
        $this->sees("//a[contains(., '12 mm chisel')]", $phone)->click();
        $this->press('Start at the bench', $phone);
        $this->seesText('Fetch the 1000 stone', $phone);
        $this->session = $phone->getCurrentURL();
        // Seen once more with the worker there to keep it.
        $phone->get($this->session);
        $this->seesText('Fetch the 1000 stone', $phone);
    }

    private function tookAlong(RemoteWebDriver $phone): void
    {
        Server::until(
            fn (): bool => count(array_filter(
                ['/api/kit', '/api/edges', '/api/works', '/api/looks/away', '/api/bench', '/api/diary'],
                fn (string $one): bool => in_array($one, $this->kept($phone), true),
            )) === 6,
            fn (): string => 'what is taken along, not '.implode(' ', $this->kept($phone)),
            30,
        );
    }

    /** @return list<string> paths of what the worker keeps of the bench */
    private function kept(RemoteWebDriver $phone): array
    {
        $phone->manage()->timeouts()->setScriptTimeout(10);

        return $phone->executeAsyncScript(
            'caches.has("seen").then((has) => has ? caches.open("seen").then((seen) => seen.keys()) : [])'.
                '.then((all) => arguments[0](all.map((one) => new URL(one.url).pathname)))',
        );
    }

    private function looksAPlaneOver(SharedServer $shop, RemoteWebDriver $phone): void
    {
        $phone->get($shop->url('/kit/look'));
        $this->press('Look it over', $phone);
        $this->seesText('Look for cracks', $phone);
        // By hand: 105, less half of 83.33 for seven checks and a quarter of it for one that cannot be mended.
        $this->seesText('€ 37', $phone);
        $this->press('sound', $phone);
        $this->seesText('Rub the rust with a thumb.', $phone);
        $this->seesText('€ 63', $phone);
        $this->press('mend', $phone);
        $this->seesText('€ 58', $phone);
        $this->seesText('Look through the mouth from below.', $phone);
    }

    private function countsOn(RemoteWebDriver $phone): void
    {
        $phone->get($this->session);
        $this->seesText('Fetch the 1000 stone', $phone);
        $this->sees("//*[@data-testid='next']", $phone)->click();
        $counted = fn (): int => (int) $this->sees("//*[@data-testid='count']", $phone)->getText();
        Server::until(fn (): bool => $counted() >= 2, 'strokes to be counted without the bench');
        $this->sees("//*[@data-testid='next']", $phone)->click();
        $this->seesText('A burr along the whole edge', $phone);
    }
}
