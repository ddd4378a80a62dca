<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;

/** Words of the page as it stands that are cut off, lie over one another, or make it scroll sideways. */
final class Typesetting
{
    /**
     * @param  float  $widest  of the page's width: a field that is wider may scroll within
     * @return list<mixed> what is wrong, in words
     */
    public static function faults(RemoteWebDriver $driver, float $widest = INF): array
    {
        $faults = $driver->executeScript(<<<'JS'
            const widest = arguments[0] ?? Infinity;
            const visible = (e) => e.checkVisibility({ contentVisibilityAuto: true, opacityProperty: true, visibilityProperty: true }) && e.closest('.unseen') === null && (e.closest('thead') === null || getComputedStyle(e.closest('thead')).clipPath === 'none');
            const sticks = (e) => { for (let at = e; at; at = at.parentElement) if (getComputedStyle(at).position === 'sticky') return true; return false; };
            // What is left of a box inside everything that scrolls or clips around it.
            const clipped = (e, r) => {
                let box = { left: r.left, right: r.right, top: r.top, bottom: r.bottom };
                for (let at = e.parentElement; at; at = at.parentElement) {
                    const s = getComputedStyle(at);
                    if (/(auto|scroll|hidden|clip)/.test(s.overflowX + s.overflowY) && at !== document.body && at !== document.documentElement) {
                        const c = at.getBoundingClientRect();
                        box = { left: Math.max(box.left, c.left), right: Math.min(box.right, c.right), top: Math.max(box.top, c.top), bottom: Math.min(box.bottom, c.bottom) };
                    }
                }
                return box;
            };
            const scrolls = (e) => { for (let at = e.parentElement; at && at !== document.body; at = at.parentElement) if (/(auto|scroll)/.test(getComputedStyle(at).overflowX)) return true; return false; };
            const faults = [];
            const page = document.documentElement;
            if (page.scrollWidth > page.clientWidth + 1) faults.push(`the page is ${page.scrollWidth} wide of ${page.clientWidth}`);
            const words = [];
            const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
            while (walk.nextNode()) {
                const node = walk.currentNode, e = node.parentElement;
                if (!node.textContent.trim() || !e || ['SCRIPT', 'STYLE', 'OPTION', 'NOSCRIPT'].includes(e.tagName) || !visible(e) || sticks(e)) continue;
                if (document.querySelector('section[role=dialog]') && !e.closest('[role=dialog]')) continue;
                const range = document.createRange();
                range.selectNodeContents(node);
                for (const r of range.getClientRects()) {
                    if (r.width < 2 || r.height < 2) continue;
                    const box = clipped(e, r);
                    if (box.right - box.left < 2 || box.bottom - box.top < 2) {
                        if (!scrolls(e) && r.bottom > 0 && box.right - box.left < 2) faults.push(`hidden: ${node.textContent.trim().slice(0, 60)}`);
                        continue;
                    }
                    if (r.right > innerWidth + 1 && !scrolls(e)) faults.push(`beyond the edge: ${node.textContent.trim().slice(0, 60)}`);
                    words.push({ node, e, box, text: node.textContent.trim().slice(0, 50) });
                }
                const own = getComputedStyle(e);
                if (/(hidden|clip)/.test(own.overflowX) && e.scrollWidth > e.clientWidth + 2) faults.push(`cut off: ${node.textContent.trim().slice(0, 60)}`);
            }
            for (const field of document.querySelectorAll('input:not([type=hidden]):not([type=file]):not([type=radio]):not([type=checkbox]):not([type=range])')) {
                if (visible(field) && field.value && field.scrollWidth > field.clientWidth + 3 && field.clientWidth < innerWidth * widest && (!document.querySelector('section[role=dialog]') || field.closest('[role=dialog]'))) faults.push(`cut off in its field: ${field.value}`);
            }
            for (let i = 0; i < words.length; i++) {
                for (let j = i + 1; j < words.length; j++) {
                    const [a, b] = [words[i], words[j]];
                    if (a.node === b.node) continue;
                    const wide = Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left), high = Math.min(a.box.bottom, b.box.bottom) - Math.max(a.box.top, b.box.top);
                    // The boxes of lines of type are taller than their letters.
                    const shared = Math.min(a.box.bottom - a.box.top, b.box.bottom - b.box.top);
                    if (wide > 3 && high > Math.max(5, shared * 0.38)) faults.push(`over one another: "${a.text}" and "${b.text}"`);
                }
            }
            return [...new Set(faults)];
            JS, [is_infinite($widest) ? null : $widest]);

        return is_array($faults) ? array_values($faults) : ['the page said nothing'];
    }
}
