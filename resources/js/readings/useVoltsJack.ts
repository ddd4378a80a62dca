import { useLocalStorage } from '@mantine/hooks';

/** Whether somebody has looked today that red sits in the volts jack: asked once a day on each device. */
export function useVoltsJack(): [boolean, () => void] {
    const today = new Date().toDateString();
    const [looked, setLooked] = useLocalStorage({ key: 'dinghy-volts-jack', defaultValue: '', getInitialValueInEffect: false });
    return [looked === today, () => setLooked(today)];
}
