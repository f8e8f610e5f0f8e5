import { useNavigate } from 'react-router';
import { useCommand } from '../ui/commands';
import { appWords } from '../words/page/app';

/** Offers the way back to the yard by its key. */
export function useToYard() {
  const navigate = useNavigate();
  useCommand('y', appWords.toTheYard(), () => void navigate('/'));
}
